'use client';

import { useState, type ReactNode } from 'react';
import { GROUP_KINDS, type Group, type GroupKind, type Sitter } from '@/core/people';
import { database, removeGroup, saveGroup } from '@/data';
import { doNow } from '@/keeping';
import { AddChoice } from '@/ui/fields/AddChoice';
import { SelectField } from '@/ui/fields/SelectField';
import { UndoLine } from '@/ui/place/UndoLine';
import { GroupOfSitter } from './GroupOfSitter';

const KIND_OPTIONS = Object.entries(GROUP_KINDS);

interface NewGroupProps {
  onBegin(name: string, kind: GroupKind): void;
  /** What stands beside it. */
  children: ReactNode;
}

function NewGroup({ onBegin, children }: NewGroupProps) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<GroupKind>('family');
  return (
    <fieldset className="rule-t pt-3">
      <legend className="sr-only">New group</legend>
      <div className="flex flex-wrap items-end gap-3">
        <label className="block">
          <span className="quiet block text-xs">New group</span>
          <input
            className="field"
            maxLength={120}
            value={name}
            onChange={(e) => setName(e.target.value)}
            placeholder="its name"
          />
        </label>
        <SelectField
          label="Kind"
          options={KIND_OPTIONS}
          value={kind}
          onChange={(e) => setKind(e.target.value as GroupKind)}
        />
        <button
          type="button"
          className="act"
          disabled={name.trim() === ''}
          onClick={() => {
            onBegin(name.trim(), kind);
            setName('');
          }}
        >
          Begin it
        </button>
        {children}
      </div>
    </fieldset>
  );
}

interface BelongingPartProps {
  sitter: Sitter;
  people: readonly Sitter[];
  groups: readonly Group[];
}

/** Families, couples and crews that the person belongs to. */
export function BelongingPart({ sitter, people, groups }: BelongingPartProps) {
  const [removed, setRemoved] = useState<Group | null>(null);
  const mine = groups.filter((g) => g.members.some((m) => m.sitterId === sitter.id));
  const others = groups.filter((g) => !mine.includes(g));
  const asMember = { sitterId: sitter.id, role: '' };
  const save = (group: Group) => doNow('group', () => saveGroup(database, group));
  const dissolve = (id: string) =>
    doNow('group', () => removeGroup(database, id), { done: (gone) => gone && setRemoved(gone) });
  const join = (id: string) => {
    const group = others.find((g) => g.id === id);
    if (group) save({ ...group, members: [...group.members, asMember] });
  };
  return (
    <div className="max-w-3xl space-y-6">
      {mine.length === 0 && <p className="quiet">Belongs to no group yet.</p>}
      {mine.map((group) => (
        <GroupOfSitter
          key={group.id}
          group={group}
          sitter={sitter}
          people={people}
          onMembers={(members) => save({ ...group, members })}
          onDissolve={() => dissolve(group.id)}
        />
      ))}
      {removed && (
        <UndoLine
          words={`${removed.name} is dissolved.`}
          onUndo={() => {
            save(removed);
            setRemoved(null);
          }}
        />
      )}
      <NewGroup onBegin={(name, kind) => save({ id: crypto.randomUUID(), name, kind, members: [asMember] })}>
        {others.length > 0 && (
          <AddChoice
            label="Join a group"
            empty="join a group that is there"
            options={others.map((g) => [g.id, g.name])}
            onChoose={join}
          />
        )}
      </NewGroup>
    </div>
  );
}
