import { expect, it } from 'vitest';
import { bodyFrom } from '@/core/body';
import { standardOf } from '@/core/brief';
import { createStandIn, seeShot } from '@/core/picture';
import { review } from '@/core/review';
import { soloShot } from '@/core/shot';
import { keptSurface } from '../../../tests/support/surfaces';
import { demoTakes } from './demo';
import { DEMO_SITTER } from './demoPeople';

it('the first pose has something to mend, so that a newcomer sees what that is; the others have not', () => {
  const body = bodyFrom(DEMO_SITTER.profile);
  const standIn = createStandIn(body, keptSurface(body, 'measured'));
  const [first, ...others] = demoTakes().map(({ shot }) => {
    const sight = seeShot(standIn, soloShot(shot));
    return review(sight, standardOf(shot.message)).map((f) => f.id);
  });
  expect(first).toEqual(['locked-joints:right elbow', 'no-daylight:right', 'chin-back']);
  expect(others).toEqual([[], [], [], []]);
});
