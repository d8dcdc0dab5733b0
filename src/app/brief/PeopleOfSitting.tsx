'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { agreesToTouch, peopleToCome, stillOpen, type Sitter, type ToCome } from '@/core/people';
import { MOST_PEOPLE, shows } from '@/core/shot';
import { allGroups, allPeople, database, type WholeSitting } from '@/data';
import { AddChoice } from '@/ui/fields/AddChoice';

interface PersonLineProps {
  sitter: Sitter;
  /** Poses of the sitting that show the person. */
  poses: number;
  isOnly: boolean;
  onLeave(): void;
}

const inPoses = (n: number) => (n === 0 ? 'in no pose yet' : `in ${n} ${n === 1 ? 'pose' : 'poses'}`);

/** Who is photographed, what may be done with them, and what is still open with them. */
function PersonLine({ sitter, poses, isOnly, onLeave }: PersonLineProps) {
  const open = stillOpen(sitter);
  return (
    <li>
      <Link className="link-act -mx-1.5" href={`/people?person=${sitter.id}`}>
        {sitter.name}
      </Link>
      <span className="quiet">
        {' '}
        {agreesToTouch(sitter) ? 'touch is agreed' : 'words and mirroring, no touch'}
        {open.length > 0 && ` · still open: ${open.join('; ')}`}
        {!isOnly && ` · ${inPoses(poses)}`}
      </span>
      {!isOnly && poses === 0 && (
        <button
          type="button"
          className="link-act"
          aria-label={`${sitter.name} leaves the sitting`}
          onClick={onLeave}
        >
          leaves
        </button>
      )}
    </li>
  );
}

const wordsFor = ({ kind, name }: ToCome) => (kind === 'group' ? `all of ${name}` : name);

interface PeopleOfSittingProps {
  whole: WholeSitting;
  onPeople(how: (ids: string[]) => string[]): void;
}

/** The people of a sitting, and who else comes into it. */
export function PeopleOfSitting({ whole: { sitting, people, takes }, onPeople }: PeopleOfSittingProps) {
  const everybody = useLiveQuery(() => allPeople(database), []) ?? [];
  const groups = useLiveQuery(() => allGroups(database), []) ?? [];
  const choices = peopleToCome(sitting.personIds, everybody, groups, MOST_PEOPLE);
  const posesOf = (id: string) => takes.filter((t) => shows(t.shot, id)).length;
  const bringIn = (key: string) => {
    const coming = choices.find((c) => c.id === key)?.personIds ?? [];
    onPeople((ids) => [...new Set([...ids, ...coming])]);
  };
  return (
    <section
      aria-label="People of the sitting"
      className="mt-3 flex flex-wrap items-end justify-between gap-x-6 gap-y-1"
    >
      <ul className="min-w-0">
        {people.map((sitter) => (
          <PersonLine
            key={sitter.id}
            sitter={sitter}
            poses={posesOf(sitter.id)}
            isOnly={people.length === 1}
            onLeave={() => onPeople((ids) => ids.filter((id) => id !== sitter.id))}
          />
        ))}
      </ul>
      {choices.length > 0 && (
        <AddChoice
          label="Bring somebody into the sitting"
          empty="bring somebody in"
          className="sm:max-w-56"
          options={choices.map((c) => [c.id, wordsFor(c)])}
          onChoose={bringIn}
        />
      )}
    </section>
  );
}
