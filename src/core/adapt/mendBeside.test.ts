import { expect, it } from 'vitest';
import { bodyOf, CAMERA, LIGHT, PROFILES } from '../../../tests/support/people';
import { keptSurface } from '../../../tests/support/surfaces';
import { standardOf } from '../brief';
import { createStandIn, forEachOther, seeShot } from '../picture';
import { neutralPose, type Pose } from '../pose';
import { review } from '../review';
import type { Mark } from '../scene';
import { amongOthers, type SoloShot } from '../shot';
import { canChange } from './mendAxis';
import { mend, type MendResult } from '.';

const [a, b] = (['average', 'slight'] as const).map((name) =>
  createStandIn(bodyOf(name), keptSurface(bodyOf(name), 'measured')),
) as [ReturnType<typeof createStandIn>, ReturnType<typeof createStandIn>];
a.company = new Map([['b', b]]);
const { message, ...EASY } = neutralPose('x');
const STANDARD = standardOf(message);

/** One of average build as asked, beside a slight one. */
function beside(
  mark: Mark,
  settings: Pose['settings'],
  ofOther: Mark,
  theirs: Pose['settings'] = {},
  distanceM = 6,
): SoloShot {
  const people = [
    { role: 'a', personId: 'average', mark, pose: { ...EASY, settings } },
    { role: 'b', personId: 'slight', mark: ofOther, pose: { ...EASY, settings: theirs } },
  ];
  const camera = { ...CAMERA, distanceM };
  return amongOthers(
    { people, supports: [], message, camera, light: LIGHT },
    'a',
    (id) => PROFILES[id as 'average'],
  );
}
const at = (leftM: number, aheadM = 0): Mark => ({ leftM, aheadM, turnLeftDeg: 0 });
const idsIn = (shot: SoloShot) => review(seeShot(a, shot), STANDARD).map((f) => f.id);

function mended(shot: SoloShot, id: string): Extract<MendResult, { kind: 'mended' }> {
  const finding = review(seeShot(a, shot), STANDARD).find((f) => f.id === id)!;
  const result = mend(a, shot, finding);
  if (result.kind !== 'mended') throw new Error(result.why);
  expect(idsIn(result.shot)).not.toContain(id);
  return result;
}

it('a head that leans away from the other is mended by its tilt alone', () => {
  const { changes } = mended(beside(at(0.25), { headTiltLeftDeg: 8 }, at(-0.25)), 'heads-apart');
  expect(changes.map((c) => c.variable)).toEqual([{ on: 'pose', id: 'headTiltLeftDeg' }]);
});

it('whose face is behind the other steps aside, and nobody else moves', () => {
  const shot = beside(at(0.02, -0.5), {}, at(0));
  const { changes, shot: after } = mended(shot, 'face-covered');
  expect(changes.map((c) => c.variable)).toContainEqual({ on: 'mark', name: 'leftM' });
  expect(after.mark!.leftM).toBeGreaterThan(0.02);
  expect(after.mark!.aheadM).toBe(-0.5);
  expect(after.among).toBe(shot.among);
});

it('two who reach over a gap come nearer', () => {
  const { changes, shot } = mended(
    beside(at(0.38), { bendLeftDeg: -18 }, at(-0.38), { bendLeftDeg: 18 }),
    'wedge',
  );
  expect(changes).toHaveLength(1);
  expect(shot.mark!.leftM < 0.38 || shot.pose.settings.bendLeftDeg! > -18).toBe(true);
});

it('who sits is not asked to step aside', () => {
  const stands = beside(at(0.02, -0.5), {}, at(0));
  const sits: SoloShot = { ...stands, pose: { ...stands.pose, support: 'floor' } };
  expect(canChange(stands, { on: 'mark', name: 'leftM' }, [])).toBe(true);
  expect(canChange(sits, { on: 'mark', name: 'leftM' }, [])).toBe(false);
});

it('nobody steps before the other’s face to be in the frame', () => {
  // the nearest place in the frame is the one that covers the other
  const shot = beside(at(0.62, 0.5), {}, at(0.24, -0.3), {}, 4.4);
  const ofOther = (of: SoloShot) =>
    forEachOther(a, of).flatMap((o) => review(seeShot(o.standIn, o.shot), STANDARD).map((f) => f.id));
  expect(idsIn(shot)).toContain('cut-through');
  expect(ofOther(shot)).not.toContain('face-covered');
  const moved: SoloShot = { ...shot, mark: at(0.26, 0.5) };
  expect(idsIn(moved)).not.toContain('cut-through');
  expect(ofOther(moved)).toContain('face-covered');
  const finding = review(seeShot(a, shot), STANDARD).find((f) => f.id === 'cut-through')!;
  expect(mend(a, shot, finding)).toMatchObject({ kind: 'stuck', why: 'raisesAnother' });
});
