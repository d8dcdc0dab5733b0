'use client';

import { HOUSE_POSES } from '@/core/library';
import type { Pose } from '@/core/pose';

interface HousePoseChoiceProps {
  label: string;
  onChoose(pose: Pose): void;
}

/** The poses of the house by what they need; choosing one hands it over. */
export function HousePoseChoice({ label, onChoose }: HousePoseChoiceProps) {
  const all = Object.values(HOUSE_POSES).flat();
  return (
    <select
      className="h-9 min-w-0 border border-base-300 bg-base-100 px-2"
      aria-label={label}
      value=""
      onChange={(e) => {
        const pose = all.find((p) => p.name === e.target.value);
        if (pose) onChoose(pose);
      }}
    >
      <option value="">a pose of the house</option>
      {Object.entries(HOUSE_POSES).map(([group, poses]) => (
        <optgroup key={group} label={group}>
          {poses.map((p) => (
            <option key={p.name} value={p.name}>
              {p.name}
            </option>
          ))}
        </optgroup>
      ))}
    </select>
  );
}
