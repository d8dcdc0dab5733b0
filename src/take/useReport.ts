'use client';

import { proxy } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { BodyProfile, BodySurface } from '@/core/body';
import type { Standard } from '@/core/brief';
import type { SoloShot } from '@/core/shot';
import type { Ground } from '@/core/scene';
import { studio } from '@/workers/studioClient';
import type { PreviewWanted, ShotReport } from '@/workers/shotReport';
import { useNewest } from '@/ui/pictures/useNewest';

export interface Reported {
  /** The last report that succeeded, and the shot it belongs to. */
  report: ShotReport | null;
  shot: SoloShot | null;
  /** Why the newest shot was refused, if it was. */
  refused: string | null;
  busy: boolean;
  /** Reports so far, refused ones included. */
  recomputes: number;
}

/** What a report is asked for besides. */
interface Asked {
  /** Each report brings a picture of the shot. */
  preview?: PreviewWanted | null;
  /** Whether it is a step of a drag. */
  isQuick?: boolean;
  /** Whose picture it is: what was found in it stands until it is clearly mended. */
  of?: string;
}

/** Keeps what was found in the picture that is worked on, to be told with the next question. */
function useStanding(of: string) {
  const last = useRef<{ of: string; ids: readonly string[] }>({ of, ids: [] });
  return useMemo(
    () => ({
      ids: () => (last.current.of === of ? last.current.ids : []),
      keep: ({ findings }: ShotReport) => {
        last.current = { of, ids: findings.map((f) => f.id) };
      },
    }),
    [of],
  );
}

/** Recomputes the shot in the live worker; while one runs, only the newest of the waiting shots is kept. */
export function useReport(
  profile: BodyProfile | undefined,
  shot: SoloShot | undefined,
  standard: Standard,
  ground: Ground,
  { preview = null, isQuick = false, of = '' }: Asked = {},
): Reported {
  const standing = useStanding(of);
  const ask = useMemo(
    () =>
      profile && shot
        ? async () => {
            const options = { preview, isQuick, standing: standing.ids() };
            const report = await studio('live').recompute(profile, shot, standard, ground, options);
            standing.keep(report);
            return { report, shot };
          }
        : null,
    [profile, shot, standard, ground, preview, isQuick, standing],
  );
  const { value, refused, busy, answers } = useNewest(ask);
  return { report: value?.report ?? null, shot: value?.shot ?? null, refused, busy, recomputes: answers };
}

/** Surfaces of a sitter: the measuring one first, the fine one when it is ready. */
export function useSurfaces(profile: BodyProfile | undefined): {
  measured: BodySurface | null;
  drawn: BodySurface | null;
  /** Share of the fine surface that is built. */
  progress: number;
} {
  const [surfaces, setSurfaces] = useState<{ measured: BodySurface | null; drawn: BodySurface | null }>({
    measured: null,
    drawn: null,
  });
  const [progress, setProgress] = useState(0);
  useEffect(() => {
    if (!profile) return;
    let stale = false;
    void (async () => {
      const measured = await studio('live').surface(profile, 'measured');
      if (stale) return;
      setSurfaces({ measured, drawn: null });
      const heard = proxy((done: number, of: number) => !stale && setProgress(done / of));
      const drawn = await studio('backstage').surface(profile, 'drawn', heard);
      if (!stale) setSurfaces({ measured, drawn });
    })();
    return () => {
      stale = true;
    };
  }, [profile]);
  return { ...surfaces, progress };
}
