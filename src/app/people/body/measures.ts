'use client';

import { useEffect, useState } from 'react';
import {
  bodyProfileSchema,
  GIRTH_RANGES,
  LENGTH_RANGES,
  type BodyProfile,
  type GirthName,
  type LengthName,
  type Misfit,
} from '@/core/body';
import { studio } from '@/workers/studioClient';
import type { Measures } from '@/workers/studio/bodies';

const WORDS: Record<GirthName | LengthName, string> = Object.fromEntries(
  [...Object.entries(GIRTH_RANGES), ...Object.entries(LENGTH_RANGES)].map(([name, { words }]) => [
    name,
    words,
  ]),
) as Record<GirthName | LengthName, string>;

/** A contradiction in words, with both numbers. */
export function misfitWords({ what, asked, got }: Misfit): string {
  return what === 'mass'
    ? `mass ${asked} kg asked, ${got.toFixed(1)} kg reached`
    : `${WORDS[what]} ${(asked * 100).toFixed(0)} cm asked, ${(got * 100).toFixed(0)} cm reached`;
}

/** The modelled measures of a profile, and what contradicts what; null until they are computed. */
export function useMeasures(profile: BodyProfile): Measures | null {
  const [measures, setMeasures] = useState<Measures | null>(null);
  const key = JSON.stringify(profile);
  useEffect(() => {
    const said = bodyProfileSchema.safeParse(JSON.parse(key));
    if (!said.success) return;
    let stale = false;
    void studio('backstage')
      .measures(said.data)
      .then((m) => !stale && setMeasures(m));
    return () => {
      stale = true;
    };
  }, [key]);
  return measures;
}
