'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { USUAL_LENSES } from '@/core/set';
import { database, kitLenses } from '@/data';
import { usePoseStore } from '../poseStore';

/** So many focal lengths stand beside each other. */
const MOST_SHOWN = 6;

/** Focal lengths of the kit's own primes; any other number can be typed. */
function usePrimesMm(): number[] {
  const lenses = useLiveQuery(() => kitLenses(database), []) ?? USUAL_LENSES;
  const primes = lenses.filter((l) => l.shortestMm === l.longestMm).map((l) => l.shortestMm);
  return [...new Set(primes)].sort((a, b) => a - b).slice(0, MOST_SHOWN);
}

/** The primes of the kit, one press each. */
export function LensChoice({ focalLengthMm }: { focalLengthMm: number }) {
  const { setCameraNumber } = usePoseStore.getState();
  return (
    <div role="group" aria-label="Lenses" className="flex justify-between">
      {usePrimesMm().map((mm) => (
        <button
          key={mm}
          type="button"
          aria-pressed={focalLengthMm === mm}
          className="min-h-7 border-b-2 border-transparent px-1.5 aria-pressed:border-accent aria-pressed:font-bold"
          onClick={() => setCameraNumber('focalLengthMm', mm)}
        >
          {mm}
        </button>
      ))}
    </div>
  );
}
