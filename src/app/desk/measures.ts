'use client';

import { useEffect, useState } from 'react';
import { GIRTH_RANGES, type BodyProfile, type GirthName, type Misfit } from '@/core/body';
import { studio } from '@/workers/studioClient';

/** What the modelled body measures. */
interface Measures {
  girthsM: Record<GirthName, number>;
  misfits: Misfit[];
}

/** A contradiction in words, with both numbers. */
export function misfitWords({ what, asked, got }: Misfit): string {
  return what === 'mass'
    ? `mass ${asked} kg asked, ${got.toFixed(1)} kg reached`
    : `${GIRTH_RANGES[what].words} ${(asked * 100).toFixed(0)} cm asked, ${(got * 100).toFixed(0)} cm reached`;
}

/** The modelled girths of a profile, and what contradicts what; null until they are computed. */
export function useMeasures(profile: BodyProfile): Measures | null {
  const [measures, setMeasures] = useState<Measures | null>(null);
  useEffect(() => {
    let stale = false;
    void studio('backstage')
      .measures(profile)
      .then((m) => !stale && setMeasures(m));
    return () => {
      stale = true;
    };
  }, [profile]);
  return measures;
}
