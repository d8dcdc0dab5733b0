'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import {
  callOrder,
  callsOf,
  MOST_COMBINATIONS,
  proposedCombinations,
  usualMinutes,
  type Combination,
} from '@/core/combinations';
import { allGroups, database, type WholeSitting } from '@/data';
import { CallList } from './CallList';
import { CombinationRow } from './CombinationRow';

/** Two are either both in a picture or not: from three on it is asked who is wanted with whom. */
const LEAST_PEOPLE = 3;

interface CombinationsPartProps {
  whole: WholeSitting;
  /** Changes the combinations as they stand in the store. */
  onCombinations(how: (now: Combination[]) => Combination[]): void;
}

interface AddCombinationsProps extends CombinationsPartProps {
  listed: readonly Combination[];
}

/** Adds one of the first two, or all that the records suggest. */
function AddCombinations({ whole: { sitting }, listed, onCombinations }: AddCombinationsProps) {
  const groups = useLiveQuery(() => allGroups(database), []) ?? [];
  const proposed = proposedCombinations(sitting.personIds, groups, listed);
  const addOne = (now: Combination[]) => [
    ...now,
    {
      id: crypto.randomUUID(),
      name: `together ${now.length + 1}`,
      personIds: sitting.personIds.slice(0, 2),
      minutes: usualMinutes(2),
    },
  ];
  const addProposed = (now: Combination[]) => [
    ...now,
    ...proposed.map((p) => ({ ...p, id: crypto.randomUUID(), name: (p.name ?? 'everybody').slice(0, 80) })),
  ];
  return (
    <div className="mt-1 flex flex-wrap gap-3">
      <button
        type="button"
        className="link-act -ml-1.5"
        disabled={listed.length >= MOST_COMBINATIONS}
        onClick={() => onCombinations(addOne)}
      >
        Add who is together
      </button>
      {proposed.length > 0 && (
        <button type="button" className="link-act" onClick={() => onCombinations(addProposed)}>
          Add {proposed.length} from the records
        </button>
      )}
    </div>
  );
}

/** Who is wanted with whom, and the order in which they are called: few moves, small children and elders early. */
export function CombinationsPart({ whole, onCombinations }: CombinationsPartProps) {
  const { sitting, people } = whole;
  if (people.length < LEAST_PEOPLE) return null;
  const listed = sitting.combinations ?? [];
  const person = (id: string) => people.find((p) => p.id === id);
  const order = callOrder(listed, (id) => person(id)?.profile.ageYears);
  const put = (id: string, patch: Partial<Combination>) =>
    onCombinations((now) => now.map((c) => (c.id === id ? { ...c, ...patch } : c)));
  return (
    <section aria-label="Who with whom" className="mt-6">
      <h2 className="title text-lg">Who with whom</h2>
      <div className="mt-1 grid grid-cols-1 gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,1fr)_430px]">
        <div>
          {listed.length === 0 && (
            <p className="quiet">Say who is wanted in one picture; the order of calling follows from it.</p>
          )}
          <ul>
            {listed.map((combination) => (
              <CombinationRow
                key={combination.id}
                combination={combination}
                people={people}
                onPut={(patch) => put(combination.id, patch)}
                onRemove={() => onCombinations((now) => now.filter((c) => c.id !== combination.id))}
              />
            ))}
          </ul>
          <AddCombinations whole={whole} listed={listed} onCombinations={onCombinations} />
        </div>
        {listed.length > 1 && (
          <div>
            <h3 className="font-bold">Order of calling</h3>
            <CallList calls={callsOf(order)} nameOf={(id) => person(id)?.addressAs ?? 'no record'} />
          </div>
        )}
      </div>
    </section>
  );
}
