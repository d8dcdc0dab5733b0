import { standardOf } from '@/core/brief';
import { bodyFrom, surfaceOf } from '@/core/body';
import { STANDING_POSES as ALL_STANDING } from '@/core/library';
import { createStandIn, develop, seeShot, type SeeOptions } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import { SETTINGS, settingOf, withSetting, type SettingId } from '@/core/pose';
import { review } from '@/core/review';
import { plainGround } from '@/core/scene';
import { demoTakes } from '@/data/demo/demo';
import { DEMO_SITTER } from '@/data/demo/demoPeople';
import { reportOf } from '@/workers/shotReport';
import { elapsedMs, line } from './measure';

/** The poses that the figures of earlier versions were taken with. */
export const STANDING_POSES = ALL_STANDING.slice(0, 5);
const DRAGGED: SettingId[] = ['leftWeightShare', 'hipsTurnLeftDeg', 'twistLeftDeg', 'headTurnLeftDeg'];
const STEPS_PER_DRAG = 10;

export const GROUND = plainGround(2.4);
export const BODY = bodyFrom(DEMO_SITTER.profile);
export const { camera: CAMERA, light: LIGHT } = demoTakes()[0]!.shot;

line('body of the demo sitter', `${elapsedMs(() => bodyFrom(DEMO_SITTER.profile)).toFixed(0)} ms`);
for (const detail of ['measured', 'drawn'] as const) {
  let triangles = 0;
  const ms = elapsedMs(() => (triangles = surfaceOf(BODY, detail).triangles.length / 3));
  line(`surface, ${detail}`, `${ms.toFixed(0)} ms, ${triangles} triangles`);
}
export const STAND_IN = createStandIn(BODY, surfaceOf(BODY, 'measured'));

/** Small changes of a pose, as a hand on a slider makes them. */
export const DRAGS: readonly SoloShot[] = STANDING_POSES.flatMap((pose) =>
  DRAGGED.flatMap((id) =>
    Array.from({ length: STEPS_PER_DRAG }, (_, i) => {
      const { min, max, step } = SETTINGS[id];
      const value = Math.min(max, Math.max(min, settingOf(pose, id) + (step * i) / 4));
      return { pose: withSetting(pose, id, value), camera: CAMERA, light: LIGHT };
    }),
  ),
);

const STANDING: SoloShot = { pose: STANDING_POSES[1]!, camera: CAMERA, light: LIGHT };
const steps = (change: (i: number) => Partial<SoloShot>) =>
  Array.from({ length: 60 }, (_, i): SoloShot => ({ ...STANDING, ...change(i) }));

/** The camera goes round, the lens zooms, the key goes round by half degrees. */
export const CAMERA_ROUND = steps((i) => ({ camera: { ...CAMERA, arcDeg: i / 2 } }));
export const LENS_ZOOMED = steps((i) => ({ camera: { ...CAMERA, focalLengthMm: 60 + i } }));
export const keyRound = (others?: SoloShot['light']['others']) =>
  steps((i) => ({ light: { ...LIGHT, arcDeg: 30 + i / 2, ...(others && { others }) } }));

export const TWO_LAMPS: SoloShot['light']['others'] = [
  { id: 'rim', kind: 'strip', arcDeg: 150, heightM: 2, distanceM: 1.5, sizeM: 1.2, powerStops: 0 },
  { id: 'fill', kind: 'octa', arcDeg: -60, heightM: 1.8, distanceM: 2, sizeM: 1, powerStops: -2 },
];

export const LIT: SeeOptions = { ground: GROUND, lit: true, isGroundCoarse: true };

/** What the worker does for one change: the shot seen, reviewed and reported, and where it is lit developed. */
export function recompute(shot: SoloShot, options: SeeOptions = { ground: GROUND }): void {
  const sight = seeShot(STAND_IN, shot, options);
  reportOf(sight, review(sight, standardOf(shot.pose.message)), 0);
  if (options.lit) develop(sight.picture, STAND_IN.surface, STAND_IN.skinned);
}
