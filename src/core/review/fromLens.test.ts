import { describe, expect, it } from 'vitest';
import { CAMERA, PROFILES, shotOf } from '../../../tests/support/people';
import { keptSurface } from '../../../tests/support/surfaces';
import { bodyFrom } from '../body';
import { wantedRanges } from '../brief';
import { viewOf } from '../camera';
import { createStandIn, seeShot } from '../picture';
import type { Mark } from '../scene';
import type { SoloShot } from '../shot';
import { turnFromLensDeg } from './fromLens';
import { gazeFar } from './gaze/gazeFar';
import { squareShoulders } from './shoulders/squareShoulders';

const body = bodyFrom(PROFILES.average);
const standIn = createStandIn(body, keptSurface(body, 'measured'));
const WANTED = wantedRanges(shotOf().pose.message);
const sightOf = (shot: SoloShot) => seeShot(standIn, shot);

describe('how far something is turned from the lens', () => {
  const view = viewOf({ ...CAMERA, distanceM: 4, arcDeg: 0 });

  it('is counted from where it stands', () => {
    expect(turnFromLensDeg(view, [0, 1.5, 0], 20)).toBeCloseTo(20, 9);
    // who stands as far aside as the camera is away has it at 45 degrees to the right
    expect(turnFromLensDeg(view, [4, 1.5, 0], 0)).toBeCloseTo(45, 9);
    expect(turnFromLensDeg(view, [4, 1.5, 0], -45)).toBeCloseTo(0, 9);
  });

  it('stays within half a turn', () => {
    expect(turnFromLensDeg(viewOf({ ...CAMERA, arcDeg: 170 }), [0, 0, 0], -170)).toBeCloseTo(20, 6);
  });

  it('has shoulders square to the lens that are not square to the set', () => {
    const aside: Mark = { leftM: 2, aheadM: 0, turnLeftDeg: 0 };
    const shot = { ...shotOf({}, { distanceM: 4 }), mark: aside };
    const value = squareShoulders.measure(sightOf(shot), WANTED)[0]!.value;
    expect(Math.abs(value - 26.6)).toBeLessThan(4);
  });
});

describe('white beside the iris', () => {
  const keys = (shot: SoloShot) => gazeFar.measure(sightOf(shot), WANTED).map((m) => m.key);

  it('is judged where eyes are seen, and not in a profile or behind closed lids', () => {
    expect(keys(shotOf({ headTurnLeftDeg: 20 }))).toEqual(['', 'reach']);
    expect(keys(shotOf({ hipsTurnLeftDeg: 80 }))).toEqual(['reach']);
    const open = shotOf({ headTurnLeftDeg: 20 });
    expect(keys({ ...open, pose: { ...open.pose, expression: { lidsClosed: 1 } } })).toEqual(['reach']);
  });
});
