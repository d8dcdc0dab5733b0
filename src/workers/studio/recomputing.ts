import { transfer } from 'comlink';
import type { BodyProfile } from '@/core/body';
import type { Standard } from '@/core/brief';
import { seeShot, shownStops, quickly, type StandIn } from '@/core/picture';
import { review } from '@/core/review';
import type { Ground } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import { reportOf, type RecomputeOptions, type ShotReport } from '../shotReport';
import { developed } from './developing';
import { onSet } from './standIns';

/** Recomputes until the browser has compiled what a recompute takes. Source: first pictures of the bench. */
const WARMING = 4;

function recomputed(
  standIn: StandIn,
  shot: SoloShot,
  standard: Standard,
  ground: Ground,
  options: RecomputeOptions,
): ShotReport {
  const report = () => reported(standIn, shot, standard, ground, options);
  return options.isQuick ? quickly(standIn, report) : report();
}

function reported(
  standIn: StandIn,
  shot: SoloShot,
  standard: Standard,
  ground: Ground,
  { preview: wantedPreview, standing }: RecomputeOptions,
): ShotReport {
  const start = performance.now();
  const isLit = wantedPreview !== null;
  const sight = seeShot(standIn, shot, { ground, lit: isLit, isGroundCoarse: isLit });
  const findings = review(sight, standard, new Set(standing));
  const report = reportOf(sight, findings, performance.now() - start);
  if (!wantedPreview) return report;
  const stops = shownStops(wantedPreview.exposure, shot, sight.meteredAt);
  return { ...report, preview: developed(standIn, sight.picture, stops) };
}

/** What a shot comes to. */
export const RECOMPUTING = {
  /** Full recompute of a shot, on request with its picture. Throws what the core throws: a sentence with field, value and range. */
  async recompute(
    profile: BodyProfile,
    shot: SoloShot,
    standard: Standard,
    ground: Ground,
    options: RecomputeOptions,
  ): Promise<ShotReport> {
    const report = await onSet(profile, shot, (standIn) =>
      recomputed(standIn, shot, standard, ground, options),
    );
    return report.preview ? transfer(report, [report.preview.bytes.buffer]) : report;
  },

  /** Meets a sitter and works a shot out until the browser has compiled what that takes. */
  async warmUp(profile: BodyProfile, shot: SoloShot, standard: Standard, ground: Ground): Promise<void> {
    for (let i = 0; i < WARMING; i++) {
      await onSet(profile, shot, (standIn) =>
        recomputed(standIn, shot, standard, ground, { preview: { exposure: 0 }, isQuick: false }),
      );
      await new Promise((resolve) => setTimeout(resolve));
    }
  },
};
