import { expect, it } from 'vitest';
import { bodyOf, CAMERA, LIGHT, PROFILES, shotOf } from '../../../tests/support/people';
import { keptSurface } from '../../../tests/support/surfaces';
import { wantedRanges } from '../brief';
import { createStandIn, seeShot } from '../picture';
import { neutralPose } from '../pose';
import { review } from '../review';
import { amongOthers, type Shot } from '../shot';
import { mend } from '.';

const [a, b] = (['average', 'slight'] as const).map((name) =>
  createStandIn(bodyOf(name), keptSurface(bodyOf(name), 'measured')),
) as [ReturnType<typeof createStandIn>, ReturnType<typeof createStandIn>];
a.company = new Map([['b', b]]);

it('a head that leans away from the other is mended by its tilt alone', () => {
  const { message, ...pose } = neutralPose('x');
  const shot: Shot = {
    people: [
      {
        role: 'a',
        personId: 'average',
        pose: { ...pose, settings: { headTiltLeftDeg: 8 } },
        mark: { leftM: 0.25, aheadM: 0, turnLeftDeg: 0 },
      },
      { role: 'b', personId: 'slight', pose, mark: { leftM: -0.25, aheadM: 0, turnLeftDeg: 0 } },
    ],
    supports: [],
    message,
    camera: { ...CAMERA, distanceM: 6 },
    light: LIGHT,
  };
  const solo = amongOthers(shot, 'a', (id) => PROFILES[id as 'average' | 'slight']);
  const wanted = wantedRanges(shotOf().pose.message);
  const finding = review(seeShot(a, solo), wanted).find((f) => f.id === 'heads-apart')!;
  const result = mend(a, solo, finding);
  if (result.kind !== 'mended') throw new Error(result.why);
  expect(result.changes.map((c) => c.variable)).toEqual([{ on: 'pose', id: 'headTiltLeftDeg' }]);
  expect(review(seeShot(a, result.shot), wanted).map((f) => f.id)).not.toContain('heads-apart');
});
