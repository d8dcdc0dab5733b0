'use client';

import Link from 'next/link';
import { useState } from 'react';
import { GROUP_KINDS, type Group, type GroupKind, type Sitter } from '@/core/people';
import { database, removeGroup, saveGroup } from '@/data';

interface BelongingPartProps {
  sitter: Sitter;
  people: readonly Sitter[];
  groups: readonly Group[];
}

/** Families, couples and crews that the person belongs to. */
export function BelongingPart({ sitter, people, groups }: BelongingPartProps) {
  const mine = groups.filter((g) => g.members.some((m) => m.sitterId === sitter.id));
  const others = groups.filter((g) => !mine.includes(g));
  const [name, setName] = useState('');
  const [kind, setKind] = useState<GroupKind>('family');
  const [removed, setRemoved] = useState<Group | null>(null);
  const nameOf = (id: string) => people.find((p) => p.id === id)?.name ?? 'somebody';
  const join = (group: Group, sitterId: string) =>
    saveGroup(database, { ...group, members: [...group.members, { sitterId, role: '' }] });

  return (
    <div className="max-w-3xl space-y-6">
      {mine.length === 0 && <p className="quiet">Belongs to no group yet.</p>}
      {mine.map((group) => {
        const free = people.filter((p) => !p.binnedAt && !group.members.some((m) => m.sitterId === p.id));
        return (
          <section key={group.id} aria-label={group.name}>
            <div className="flex items-baseline justify-between gap-3">
              <h3 className="text-lg font-bold">
                {group.name} <span className="quiet text-sm font-normal">{GROUP_KINDS[group.kind]}</span>
              </h3>
              <button
                type="button"
                className="link-act"
                onClick={() => void removeGroup(database, group.id).then((gone) => gone && setRemoved(gone))}
              >
                Dissolve
              </button>
            </div>
            <ul>
              {group.members.map((member, i) => (
                <li key={member.sitterId} className="rule-b flex items-center gap-3 py-1.5">
                  {member.sitterId === sitter.id ? (
                    <span className="min-w-0 flex-1 truncate font-bold">{nameOf(member.sitterId)}</span>
                  ) : (
                    <Link
                      className="link-act min-w-0 flex-1 truncate text-left"
                      href={`/people?person=${member.sitterId}`}
                    >
                      {nameOf(member.sitterId)}
                    </Link>
                  )}
                  <input
                    className="field max-w-44"
                    aria-label={`Role of ${nameOf(member.sitterId)} in ${group.name}`}
                    placeholder="mother, cox, partner"
                    maxLength={60}
                    defaultValue={member.role}
                    onBlur={(e) => {
                      const role = e.target.value;
                      if (role !== member.role)
                        void saveGroup(database, {
                          ...group,
                          members: group.members.map((m, k) => (k === i ? { ...m, role } : m)),
                        });
                    }}
                  />
                  <button
                    type="button"
                    className="link-act"
                    aria-label={`${nameOf(member.sitterId)} leaves ${group.name}`}
                    onClick={() =>
                      void saveGroup(database, {
                        ...group,
                        members: group.members.filter((m) => m.sitterId !== member.sitterId),
                      })
                    }
                  >
                    leaves
                  </button>
                </li>
              ))}
            </ul>
            {free.length > 0 && (
              <select
                className="field mt-2 w-auto max-w-full"
                aria-label={`Add somebody to ${group.name}`}
                value=""
                onChange={(e) => void join(group, e.target.value)}
              >
                <option value="" disabled>
                  add somebody
                </option>
                {free.map((p) => (
                  <option key={p.id} value={p.id}>
                    {p.name}
                  </option>
                ))}
              </select>
            )}
          </section>
        );
      })}
      {removed && (
        <p role="status" className="flex items-center gap-3">
          {removed.name} is dissolved.
          <button
            type="button"
            className="act"
            onClick={() => {
              void saveGroup(database, removed);
              setRemoved(null);
            }}
          >
            Undo
          </button>
        </p>
      )}
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
          <label className="block">
            <span className="quiet block text-xs">Kind</span>
            <select className="field" value={kind} onChange={(e) => setKind(e.target.value as GroupKind)}>
              {Object.entries(GROUP_KINDS).map(([value, words]) => (
                <option key={value} value={value}>
                  {words}
                </option>
              ))}
            </select>
          </label>
          <button
            type="button"
            className="act"
            disabled={name.trim() === ''}
            onClick={() => {
              void saveGroup(database, {
                id: crypto.randomUUID(),
                name: name.trim(),
                kind,
                members: [{ sitterId: sitter.id, role: '' }],
              });
              setName('');
            }}
          >
            Begin it
          </button>
          {others.length > 0 && (
            <select
              className="field w-auto"
              aria-label="Join a group"
              value=""
              onChange={(e) => {
                const group = others.find((g) => g.id === e.target.value);
                if (group) void join(group, sitter.id);
              }}
            >
              <option value="" disabled>
                join a group that is there
              </option>
              {others.map((g) => (
                <option key={g.id} value={g.id}>
                  {g.name}
                </option>
              ))}
            </select>
          )}
        </div>
      </fieldset>
    </div>
  );
}
