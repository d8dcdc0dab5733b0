'use client';

import Link from 'next/link';
import { useState } from 'react';
import {
  MIDDLE_MESSAGE,
  TARGET_IDS,
  TARGETS,
  standardIn,
  type Look,
  type Target,
  type TargetChanges,
  type TargetId,
  type WantedRanges,
} from '@/core/brief';
import { STATIONS } from '@/core/pose';
import { TargetRow } from './TargetRow';

function Headings() {
  return (
    <thead>
      <tr className="quiet rule-b text-xs">
        <th className="py-1 text-left font-normal">figure</th>
        <th className="py-1 text-right font-normal">at least</th>
        <th className="py-1 text-right font-normal">at most</th>
        <th className="hidden py-1 pl-2 text-left font-normal sm:table-cell">unit</th>
        <th>
          <span className="sr-only">by hand</span>
        </th>
      </tr>
    </thead>
  );
}

/** What figures are told under, from the floor up. */
const GROUPS: readonly Target['station'][] = [...STATIONS, 'camera', 'light'];

interface GroupProps {
  group: Target['station'];
  ids: readonly TargetId[];
  look: Look;
  wanted: WantedRanges;
  /** Whether it is open without being opened: something in it was looked for. */
  isFound: boolean;
  onChange(targets: TargetChanges): void;
}

/** The figures of one station, folded away but for those that are set by hand or looked for. */
function TargetGroup({ group, ids, look, wanted, isFound, onChange }: GroupProps) {
  const isSet = ids.some((id) => look.targets[id]);
  return (
    <details open={isSet || isFound} className="rule-b">
      <summary className="min-h-8 cursor-pointer py-1 first-letter:uppercase">{group}</summary>
      <table className="mb-2 w-full text-sm">
        <Headings />
        <tbody>
          {ids.map((id) => (
            <TargetRow key={id} id={id} look={look} range={wanted[id]} onChange={onChange} />
          ))}
        </tbody>
      </table>
    </details>
  );
}

/** The figures that what is looked for stands in. */
function foundIn(sought: string): TargetId[] {
  const words = sought.trim().toLowerCase();
  return TARGET_IDS.filter((id) => {
    const { words: own, reason, station }: Target = TARGETS[id];
    return `${station} ${own} ${reason}`.toLowerCase().includes(words);
  });
}

interface TargetTableProps {
  look: Look;
  onChange(targets: TargetChanges): void;
}

/** What the message wants of each figure of the picture; every end can be set by hand. */
export function TargetTable({ look, onChange }: TargetTableProps) {
  const wanted = standardIn(look, MIDDLE_MESSAGE).ranges;
  const [sought, setSought] = useState('');
  const found = foundIn(sought);
  const isChanged = Object.values(look.targets).some(Boolean);
  return (
    <section aria-label="What the review will want">
      <div className="flex items-baseline justify-between">
        <h2 className="font-sans text-sm font-bold">What the review will want</h2>
        {isChanged && (
          <button type="button" className="link-act text-xs" onClick={() => onChange({})}>
            Follow the message throughout
          </button>
        )}
      </div>
      <p className="quiet text-xs">
        {look.message
          ? 'From the message. What you set by hand stays.'
          : 'Each pose says its own message; shown is the middle. What you set by hand holds for all.'}{' '}
        <Link href="/rules" className="link-act">
          All rules
        </Link>
      </p>
      <input
        type="search"
        className="mt-1 mb-1 h-8 w-full border-b border-base-300 bg-transparent"
        aria-label="Find a figure"
        placeholder="find: hands, twist, throat"
        value={sought}
        onChange={(e) => setSought(e.target.value)}
      />
      {found.length === 0 && <p className="quiet py-2 text-sm">No figure is called so.</p>}
      {GROUPS.map((group) => {
        const ids = found.filter((id) => TARGETS[id].station === group);
        if (ids.length === 0) return null;
        return (
          <TargetGroup
            key={group}
            group={group}
            ids={ids}
            look={look}
            wanted={wanted}
            isFound={sought.trim() !== ''}
            onChange={onChange}
          />
        );
      })}
    </section>
  );
}
