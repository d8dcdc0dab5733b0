'use client';

import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { BodyProfile } from '@/core/body';
import type { Standard } from '@/core/brief';
import type { SoloShot } from '@/core/shot';
import type { Ground } from '@/core/scene';
import { studio } from '@/workers/studioClient';
import type { PictureBytes, PreviewWanted, ShotReport } from '@/workers/shotReport';
import { useNewest } from '@/ui/pictures/useNewest';

export interface Reported {
  /** The last report that succeeded, and the shot it belongs to. */
  report: ShotReport | null;
  shot: SoloShot | null;
  /** The picture that came with it, where one is wanted. */
  preview: PictureBytes | null;
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

/**
 * The picture that is wanted with a report, as a question and as it stands when the question is put: one that is
 * wanted no longer is no reason to work a shot out anew.
 */
function usePreviewWanted(preview: PreviewWanted | null) {
  const [seen, setSeen] = useState({ preview, asked: preview, spell: 0 });
  if (preview !== seen.preview) {
    const isBegun = preview !== null && seen.preview === null;
    setSeen({ preview, asked: preview ?? seen.asked, spell: seen.spell + Number(isBegun) });
  }
  const current = useRef(preview);
  useLayoutEffect(() => {
    current.current = preview;
  }, [preview]);
  const { asked, spell } = seen;
  return useMemo(() => ({ asked, spell, now: () => current.current }), [asked, spell]);
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
  const wanted = usePreviewWanted(preview);
  const ask = useMemo(
    () =>
      profile && shot
        ? async () => {
            const options = { preview: wanted.now(), isQuick, standing: standing.ids() };
            const report = await studio('live').recompute(profile, shot, standard, ground, options);
            standing.keep(report);
            return { report, shot, spell: wanted.spell };
          }
        : null,
    [profile, shot, standard, ground, wanted, isQuick, standing],
  );
  const { value, refused, busy, answers } = useNewest(ask);
  // a picture of the last time that one was wanted is not one of now
  const isShown = preview !== null && value?.spell === wanted.spell;
  return {
    report: value?.report ?? null,
    shot: value?.shot ?? null,
    preview: (isShown && value.report.preview) || null,
    refused,
    busy,
    recomputes: answers,
  };
}
