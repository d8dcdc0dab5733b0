'use client';

import { useState } from 'react';
import { RELATION_KINDS, type Relation, type RelationKind } from '@/core/group';
import type { Role } from '@/core/shot';
import { AddChoice } from '@/ui/fields/AddChoice';
import { Choice } from '@/ui/fields/Choice';
import { inOneLine } from '@/ui/place/namesOf';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import { RELATION_WORDS } from './groupWords';
import type { NamedMember } from './groupMembers';
import type { GroupInHand } from './useGroup';

interface AddProps {
  members: readonly NamedMember[];
  onAdd(relation: Relation): void;
}

/** Says of two that they belong together, or that they do not. */
function AddRelation({ members, onAdd }: AddProps) {
  const [kind, setKind] = useState<RelationKind>('near');
  const [first, setFirst] = useState<Role | null>(null);
  const called = (role: Role) => members.find((m) => m.role === role)?.name;
  const free = members.filter((m) => m.role !== first);
  return (
    <div className="space-y-1">
      <Choice<RelationKind>
        label="two who are"
        value={kind}
        options={RELATION_KINDS}
        words={RELATION_WORDS}
        onChange={setKind}
      />
      <AddChoice
        label={first ? `${called(first)} and` : 'First of the two'}
        empty={first ? `${called(first)} and …` : 'first of the two'}
        className="w-full"
        options={free.map((m) => [m.role, m.name])}
        onChoose={(role) => {
          if (!first) return setFirst(role);
          onAdd({ kind, roles: [first, role] });
          setFirst(null);
        }}
      />
    </div>
  );
}

type BelongTogetherProps = Pick<GroupInHand, 'members' | 'known' | 'added' | 'setAdded'>;

/** Who belongs together: by the records, and as it was said here. */
export function BelongTogether({ members, known, added, setAdded }: BelongTogetherProps) {
  const words = ({ kind, roles }: Relation) => {
    const names = roles.flatMap((role) => members.find((m) => m.role === role)?.name ?? []);
    return `${inOneLine(names)}: ${RELATION_WORDS[kind]}`;
  };
  return (
    <div className="space-y-1.5">
      <ul className="text-[13px]">
        {known.map((relation, i) => (
          <li key={i}>{words(relation)}</li>
        ))}
        {added.map((relation, i) => (
          <li key={i} className="flex items-center justify-between gap-2">
            {words(relation)}
            <RemoveButton
              label={`Take back: ${words(relation)}`}
              onRemove={() => setAdded(added.filter((_, j) => j !== i))}
            />
          </li>
        ))}
      </ul>
      <AddRelation members={members} onAdd={(relation) => setAdded([...added, relation])} />
    </div>
  );
}
