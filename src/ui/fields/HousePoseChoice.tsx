'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { HOUSE_POSES } from '@/core/library';
import type { Pose } from '@/core/pose';
import { database, newestPoses } from '@/data';

/** Own poses that are offered here; the others are found where poses are kept. */
const MOST_OWN = 60;

interface HousePoseChoiceProps {
  label: string;
  /** Shown while nothing is chosen. */
  empty?: string;
  /** Other poses to choose from, before those of the house. */
  others?: { group: string; poses: readonly Pose[] };
  onChoose(pose: Pose): void;
}

/** Own poses and those of the house, by what they need; choosing one hands it over. */
export function HousePoseChoice({
  label,
  empty = 'a pose of the house',
  others,
  onChoose,
}: HousePoseChoiceProps) {
  const own = useLiveQuery(() => newestPoses(database, MOST_OWN), []);
  const newest = own?.poses ?? [];
  const more = (own?.count ?? 0) - newest.length;
  const groups: [string, readonly Pose[]][] = [
    ...(others ? [[others.group, others.poses] as [string, readonly Pose[]]] : []),
    ...(newest.length > 0 ? [['own', newest.map((o) => o.pose)] as [string, readonly Pose[]]] : []),
    ...Object.entries(HOUSE_POSES),
  ];
  return (
    <select
      className="h-9 w-full min-w-0 shrink-0 border border-base-300 bg-base-100 px-2"
      aria-label={label}
      value=""
      onChange={(e) => {
        const [group, name] = e.target.value.split('\n');
        const pose = groups.find(([g]) => g === group)?.[1].find((p) => p.name === name);
        if (pose) onChoose(pose);
      }}
    >
      <option value="">{empty}</option>
      {groups.map(([group, poses]) => (
        <optgroup key={group} label={group}>
          {poses.map((p, i) => (
            <option key={`${p.name} ${i}`} value={`${group}\n${p.name}`}>
              {p.name}
            </option>
          ))}
          {group === 'own' && more > 0 && <option disabled>{more} more under Keep as own pose</option>}
        </optgroup>
      ))}
    </select>
  );
}
