import Link from 'next/link';
import { GROUP_KINDS, type Group, type Sitter } from '@/core/people';
import { AddChoice } from '@/ui/fields/AddChoice';

type Member = Group['members'][number];

interface MemberRowProps {
  member: Member;
  name: string;
  groupName: string;
  /** Whose record this is needs no link to it. */
  isSitter: boolean;
  onRole(role: string): void;
  onLeave(): void;
}

function MemberRow({ member, name, groupName, isSitter, onRole, onLeave }: MemberRowProps) {
  return (
    <li className="rule-b flex items-center gap-3 py-1.5">
      {isSitter ? (
        <span className="min-w-0 flex-1 truncate font-bold">{name}</span>
      ) : (
        <Link
          className="link-act min-w-0 flex-1 truncate text-left"
          href={`/people?person=${member.sitterId}`}
        >
          {name}
        </Link>
      )}
      <input
        className="field max-w-44"
        aria-label={`Role of ${name} in ${groupName}`}
        placeholder="mother, cox, partner"
        maxLength={60}
        defaultValue={member.role}
        onBlur={(e) => e.target.value !== member.role && onRole(e.target.value)}
      />
      <button type="button" className="link-act" aria-label={`${name} leaves ${groupName}`} onClick={onLeave}>
        leaves
      </button>
    </li>
  );
}

interface GroupProps {
  group: Group;
  sitter: Sitter;
  people: readonly Sitter[];
  onMembers(members: Member[]): void;
  onDissolve(): void;
  /** Begins a sitting with people, by their ids. */
}

/** One group: who is in it, in which role. */
export function GroupOfSitter(props: GroupProps) {
  const { group, sitter, people, onMembers, onDissolve } = props;
  const { members } = group;
  const nameOf = (id: string) => people.find((p) => p.id === id)?.name ?? 'somebody';
  const isIn = (id: string) => members.some((m) => m.sitterId === id);
  const here = members.map((m) => m.sitterId).filter((id) => people.some((p) => p.id === id && !p.binnedAt));
  const free = people.filter((p) => !p.binnedAt && !isIn(p.id));
  const put = (id: string, role: string) =>
    onMembers(members.map((m) => (m.sitterId === id ? { ...m, role } : m)));
  return (
    <section aria-label={group.name}>
      <div className="flex items-baseline justify-between gap-3">
        <h3 className="text-lg font-bold">
          {group.name} <span className="quiet text-sm font-normal">{GROUP_KINDS[group.kind]}</span>
        </h3>
        <div className="flex shrink-0 gap-1">
          {here.length > 1 && (
            <Link className="link-act" href={`/new?who=${here.join(',')}`}>
              New sitting with all
            </Link>
          )}
          <button type="button" className="link-act" onClick={onDissolve}>
            Dissolve
          </button>
        </div>
      </div>
      <ul>
        {members.map((member) => (
          <MemberRow
            key={member.sitterId}
            member={member}
            name={nameOf(member.sitterId)}
            groupName={group.name}
            isSitter={member.sitterId === sitter.id}
            onRole={(role) => put(member.sitterId, role)}
            onLeave={() => onMembers(members.filter((m) => m.sitterId !== member.sitterId))}
          />
        ))}
      </ul>
      {free.length > 0 && (
        <AddChoice
          label={`Add somebody to ${group.name}`}
          empty="add somebody"
          className="mt-2 w-auto max-w-full"
          options={free.map((p) => [p.id, p.name])}
          onChoose={(sitterId) => onMembers([...members, { sitterId, role: '' }])}
        />
      )}
    </section>
  );
}
