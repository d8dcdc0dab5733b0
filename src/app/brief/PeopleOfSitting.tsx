'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { latestConsents, stillOpen, type Group, type Sitter } from '@/core/people';
import { allGroups, allPeople, database, type WholeSitting } from '@/data';
import { AddChoice } from '@/ui/fields/AddChoice';

/** So many people a sitting can have. */
const MOST = 40;

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
  const touch = latestConsents(sitter.consents).touch?.answer;
  return (
    <li>
      <Link className="link-act -mx-1.5" href={`/people?person=${sitter.id}`}>
        {sitter.name}
      </Link>
      <span className="quiet">
        {' '}
        {touch === 'yes' ? 'touch is agreed' : 'words and mirroring, no touch'}
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

/** Who can still come into a sitting: groups with all who are not in it yet, and everybody one by one. */
function choicesFor(ids: readonly string[], people: readonly Sitter[], groups: readonly Group[]) {
  const isFree = (id: string) => !ids.includes(id) && people.some((p) => p.id === id && !p.binnedAt);
  const ofGroup = (group: Group) => group.members.map((m) => m.sitterId).filter(isFree);
  const whole = groups.map((g) => ({ key: `group ${g.id}`, words: `all of ${g.name}`, ids: ofGroup(g) }));
  const each = people.map(({ id, name }) => ({ key: id, words: name, ids: [id].filter(isFree) }));
  return [...whole.filter((c) => c.ids.length > 1), ...each].filter(
    (c) => c.ids.length > 0 && ids.length + c.ids.length <= MOST,
  );
}

interface PeopleOfSittingProps {
  whole: WholeSitting;
  onPeople(how: (ids: string[]) => string[]): void;
}

/** The people of a sitting, and who else comes into it. */
export function PeopleOfSitting({ whole: { sitting, people, takes }, onPeople }: PeopleOfSittingProps) {
  const everybody = useLiveQuery(() => allPeople(database), []) ?? [];
  const groups = useLiveQuery(() => allGroups(database), []) ?? [];
  const choices = choicesFor(sitting.personIds, everybody, groups);
  const posesOf = (id: string) => takes.filter((t) => t.shot.people.some((p) => p.personId === id)).length;
  const bringIn = (key: string) => {
    const coming = choices.find((c) => c.key === key)?.ids ?? [];
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
          options={choices.map((c) => [c.key, c.words])}
          onChoose={bringIn}
        />
      )}
    </section>
  );
}
