'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { addPerson, allGroups, allPeople, binPeople, database } from '@/data';
import { doNow } from '@/keeping';
import type { Sitter } from '@/core/people';
import { Header } from '@/ui/place/Header';
import { UndoLine } from '@/ui/place/UndoLine';
import { useStoreReady } from '@/ui/place/useSitting';
import { PeopleList } from './list/PeopleList';
import { PersonRecord } from './record/PersonRecord';

// reading tables and cards is only loaded where somebody does it
const ImportPanel = dynamic(() => import('./import/ImportPanel').then((m) => m.ImportPanel), { ssr: false });

/** Who was put into the bin last, so that it can be taken back. */
interface Binned {
  ids: string[];
  words: string;
}

/** Who is open, as the address says it. */
function useOpened() {
  const router = useRouter();
  const params = useSearchParams();
  const personId = params.get('person');
  const goTo = (query: string) => router.replace(`/people${query}`, { scroll: false });
  return {
    personId,
    isImporting: params.get('do') === 'import',
    open: (id: string) => goTo(`?person=${id}`),
    startImport: () => goTo('?do=import'),
    leave: () => goTo(''),
  };
}

function NobodyOpen({ isMissing }: { isMissing: boolean }) {
  return (
    <div className="flex flex-1 items-center justify-center p-8 text-center">
      <div className="max-w-sm">
        <p className="title text-xl">{isMissing ? 'This person is not here' : 'Who is coming?'}</p>
        <p className="quiet mt-2">
          Choose a person, or add one by name. Measures, limits, wishes and agreements all hang on this
          record.
        </p>
      </div>
    </div>
  );
}

type Opened = ReturnType<typeof useOpened>;

interface ListSideProps {
  opened: Opened;
  sitters: Sitter[] | null | undefined;
  binned: Binned | null;
  onBinned(binned: Binned | null): void;
}

/** The list; on a phone it gives way to what is open. */
function ListSide({ opened, sitters, binned, onBinned }: ListSideProps) {
  const { personId, isImporting, open, startImport } = opened;
  const isHidden = personId !== null || isImporting;
  const bringBack = ({ ids }: Binned) => {
    doNow('bin', () => binPeople(database, ids, undefined));
    onBinned(null);
  };
  return (
    <div
      className={`min-h-0 w-full shrink-0 flex-col md:flex md:w-[330px] ${isHidden ? 'hidden' : 'flex'} rule-r`}
    >
      {sitters ? (
        <PeopleList
          sitters={sitters}
          openId={personId}
          onOpen={open}
          onAdd={(name) =>
            doNow('newPerson', () => addPerson(database, name), { done: ({ id }) => open(id) })
          }
          onImport={startImport}
        />
      ) : (
        <p className="p-4" role="status">
          Opening
        </p>
      )}
      {binned && (
        <UndoLine
          className="rule-t justify-between p-3"
          words={`${binned.words} is in the bin.`}
          onUndo={() => bringBack(binned)}
        />
      )}
    </div>
  );
}

function OpenSide({ opened, sitters, onBinned }: Omit<ListSideProps, 'binned'>) {
  const { personId, isImporting, leave } = opened;
  const groups = useLiveQuery(() => allGroups(database), []) ?? [];
  const person = sitters?.find((s) => s.id === personId);
  const people = sitters ?? [];
  function bin({ id, name }: Sitter) {
    const done = () => {
      onBinned({ ids: [id], words: name });
      leave();
    };
    doNow('bin', () => binPeople(database, [id], new Date().toISOString()), { done });
  }
  const erased = () => {
    onBinned(null);
    leave();
  };
  if (isImporting) return <ImportPanel onDone={leave} />;
  if (!person) return <NobodyOpen isMissing={personId !== null && Boolean(sitters)} />;
  return (
    <PersonRecord
      key={person.id}
      stored={person}
      people={people}
      groups={groups}
      onBin={() => bin(person)}
      onErased={erased}
    />
  );
}

/** The list of people, and the record of one of them. */
export function PeoplePlace() {
  const ready = useStoreReady();
  const opened = useOpened();
  const sitters = useLiveQuery(async () => (ready ? allPeople(database) : null), [ready]);
  const [binned, setBinned] = useState<Binned | null>(null);
  const name = sitters?.find((s) => s.id === opened.personId)?.name;
  const isOpen = opened.personId !== null || opened.isImporting;
  return (
    <div className="flex h-place flex-col">
      <Header about={name} />
      <main className="flex min-h-0 flex-1">
        <h1 className="sr-only">{name ? `People: ${name}` : 'People'}</h1>
        <ListSide opened={opened} sitters={sitters} binned={binned} onBinned={setBinned} />
        <div className={`min-h-0 min-w-0 flex-1 flex-col ${isOpen ? 'flex' : 'hidden md:flex'}`}>
          {isOpen && (
            <Link href="/people" className="link-act rule-b p-3 md:hidden">
              All people
            </Link>
          )}
          <OpenSide opened={opened} sitters={sitters} onBinned={setBinned} />
        </div>
      </main>
    </div>
  );
}
