'use client';

import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import type { BodyProfile, BodySurface } from '@/core/body';
import { surfaceOfSitter } from './surfacesAtHand';

/** Surfaces of a sitter, each as soon as it is there. */
export interface Surfaces {
  measured: BodySurface | null;
  drawn: BodySurface | null;
  /** Share of the fine surface that is built; null where nothing was heard of building it. */
  progress: number | null;
}

const NONE: Surfaces = { measured: null, drawn: null, progress: null };

/** The measuring surface and the fine one of a sitter; those of the one before stay until the first has come. */
export function useSurfaces(profile: BodyProfile | undefined): Surfaces {
  const [surfaces, setSurfaces] = useState(NONE);
  useEffect(() => {
    if (!profile) return;
    let got: Surfaces | null = NONE;
    const take = (more: Partial<Surfaces>) => {
      if (got) setSurfaces((got = { ...got, ...more }));
    };
    const heard = proxy((done: number, of: number) => take({ progress: done / of }));
    const refused = () => undefined; // whatever is wrong with a body is told where it is measured
    void surfaceOfSitter('measured', profile).then((measured) => take({ measured }), refused);
    void surfaceOfSitter('drawn', profile, heard).then((drawn) => take({ drawn, progress: 1 }), refused);
    return () => {
      got = null;
    };
  }, [profile]);
  return surfaces;
}
