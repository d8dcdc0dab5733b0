'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useSearchParams } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { allPeople, database, keptRooms } from '@/data';
import { Header } from '@/ui/place/Header';
import { useStoreReady } from '@/ui/place/useSitting';
import { roomOf, USUAL } from './answers';
import { BeginPart } from './BeginPart';
import { ForQuestion } from './ForQuestion';
import { useBegin } from './useBegin';
import { WhereQuestion } from './WhereQuestion';
import { WhoQuestion } from './WhoQuestion';

function Question({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="rule-t grid gap-x-8 gap-y-2 py-6 sm:grid-cols-[12rem_1fr]" aria-label={title}>
      <h2 className="text-xl">{title}</h2>
      <div>{children}</div>
    </section>
  );
}

/** People and rooms to choose from; null until they are read. */
function useKept(isReady: boolean) {
  return useLiveQuery(
    async () => (isReady ? { people: await allPeople(database), rooms: await keptRooms(database) } : null),
    [isReady],
  );
}

/** Three questions, each with a default; then a run, or one pose. */
export function NewSittingPlace() {
  const kept = useKept(useStoreReady());
  const who = useSearchParams().get('who');
  const [answers, setAnswers] = useState({ ...USUAL, personIds: who ? who.split(',') : USUAL.personIds });
  const answer = (change: Partial<typeof answers>) => setAnswers((a) => ({ ...a, ...change }));
  const people = kept?.people ?? [];
  const rooms = kept?.rooms ?? [];
  const chosen = answers.personIds.flatMap((id) => people.find((p) => p.id === id) ?? []);
  const begin = useBegin(answers, chosen, roomOf(answers, rooms));
  return (
    <div className="min-h-place">
      <Header about="new sitting" />
      <main className="mx-auto max-w-3xl px-4 py-6 sm:px-8">
        <h1 className="mb-6 text-2xl">New sitting</h1>
        {!kept && <p role="status">Opening</p>}
        {kept && (
          <>
            <Question title="Who comes?">
              <WhoQuestion people={people} chosen={chosen} onChoose={(personIds) => answer({ personIds })} />
            </Question>
            <Question title="What for?">
              <ForQuestion purpose={answers.purpose} onChoose={(purpose) => answer({ purpose })} />
            </Question>
            <Question title="Where?">
              <WhereQuestion answers={answers} kept={rooms} onAnswer={answer} />
            </Question>
            <BeginPart
              begin={begin}
              count={chosen.length}
              minutes={answers.minutes}
              onMinutes={(minutes) => answer({ minutes })}
            />
          </>
        )}
      </main>
    </div>
  );
}
