'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { addPerson, binPeople, database } from '@/data';
import { Header } from '@/ui/Header';
import { useStoreReady } from '@/ui/useSitting';
import { PeopleList } from './PeopleList';
import { PersonRecord } from './PersonRecord';

// reading tables and cards is only loaded where somebody does it
const ImportPanel = dynamic(() => import('./ImportPanel').then((m) => m.ImportPanel), { ssr: false });

/** Who was put into the bin last, so that it can be taken back. */
interface Binned {
  ids: string[];
  words: string;
}

/** The list of people, and the record of one of them. */
export function PeoplePlace() {
  const ready = useStoreReady();
  const router = useRouter();
  const params = useSearchParams();
  const personId = params.get('person');
  const importing = params.get('do') === 'import';
  const sitters = useLiveQuery(async () => (ready ? database.sitters.toArray() : null), [ready]);
  const groups = useLiveQuery(async () => (ready ? database.groups.toArray() : []), [ready]) ?? [];
  const [binned, setBinned] = useState<Binned | null>(null);
  const person = sitters?.find((s) => s.id === personId);

  const open = (id: string | null) =>
    router.replace(id ? `/people?person=${id}` : '/people', { scroll: false });

  async function bin(ids: string[], words: string) {
    await binPeople(database, ids, new Date().toISOString());
    setBinned({ ids, words });
    if (personId && ids.includes(personId)) open(null);
  }

  const side = personId || importing;
  return (
    <div className="flex h-dvh flex-col">
      <Header about={person ? person.name : undefined} />
      <main className="flex min-h-0 flex-1">
        <h1 className="sr-only">{person ? `People: ${person.name}` : 'People'}</h1>
        <div
          className={`min-h-0 w-full shrink-0 flex-col md:flex md:w-[330px] ${side ? 'hidden' : 'flex'} rule-r`}
        >
          {sitters ? (
            <PeopleList
              sitters={sitters}
              openId={personId}
              onOpen={open}
              onAdd={async (name) => open((await addPerson(database, name)).id)}
              onImport={() => router.replace('/people?do=import', { scroll: false })}
            />
          ) : (
            <p className="p-4" role="status">
              Opening
            </p>
          )}
          {binned && (
            <p className="rule-t flex items-center justify-between gap-2 p-3" role="status">
              <span>{binned.words} is in the bin.</span>
              <button
                type="button"
                className="act"
                onClick={() => {
                  void binPeople(database, binned.ids, undefined);
                  setBinned(null);
                }}
              >
                Undo
              </button>
            </p>
          )}
        </div>
        <div className={`min-h-0 min-w-0 flex-1 flex-col ${side ? 'flex' : 'hidden md:flex'}`}>
          {side && (
            <Link href="/people" className="link-act rule-b p-3 md:hidden">
              All people
            </Link>
          )}
          {importing && (
            <ImportPanel
              onDone={() => router.replace('/people', { scroll: false })}
              existing={sitters ?? []}
            />
          )}
          {!importing && person && (
            <PersonRecord
              key={person.id}
              stored={person}
              people={sitters ?? []}
              groups={groups}
              onBin={() => void bin([person.id], person.name)}
              onErased={() => {
                setBinned(null);
                open(null);
              }}
            />
          )}
          {!importing && !person && (
            <div className="flex flex-1 items-center justify-center p-8 text-center">
              <div className="max-w-sm">
                <p className="title text-xl">
                  {personId && sitters ? 'This person is not here' : 'Who is coming?'}
                </p>
                <p className="quiet mt-2">
                  Choose a person, or add one by name. Measures, limits, wishes and agreements all hang on
                  this record.
                </p>
              </div>
            </div>
          )}
        </div>
      </main>
    </div>
  );
}
