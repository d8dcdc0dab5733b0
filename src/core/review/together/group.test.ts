import { describe, expect, it } from 'vitest';
import { CAMERA, LIGHT, profileOf } from '../../../../tests/support/people';
import { keptSurface } from '../../../../tests/support/surfaces';
import { mend } from '../../adapt';
import { bodyFrom } from '../../body';
import { standardOf } from '../../brief';
import type { Camera } from '../../camera';
import { createStandIn, seeShot, type Sight, type StandIn } from '../../picture';
import { neutralPose, type Pose } from '../../pose';
import type { Mark } from '../../scene';
import { amongOthers, type Role, type Shot, type SoloShot } from '../../shot';
import { review } from '../review';

const PROFILE = profileOf();
const body = bodyFrom(PROFILE);
const standIns = new Map<number, StandIn>();
function standInFor(place: number): StandIn {
  if (!standIns.has(place)) standIns.set(place, createStandIn(body, keptSurface(body, 'measured')));
  return standIns.get(place)!;
}

/** People of one build who stand on marks, from the sitter's left: roles are their numbers. */
function group(
  marks: readonly Mark[],
  camera: Partial<Camera> = {},
  light: Partial<Shot['light']> = {},
): Shot {
  const { message, objects: _, ...pose } = neutralPose('x') as Pose;
  return {
    people: marks.map((mark, i) => ({ role: `r${i}` as Role, personId: 'even', mark, pose })),
    supports: [],
    message,
    camera: { ...CAMERA, distanceM: 7, heightM: 1.2, apertureF: 8, ...camera },
    light: { ...LIGHT, ...light },
  };
}
const at = (leftM: number, aheadM = 0, levelM = 0): Mark => ({ leftM, aheadM, turnLeftDeg: 0, levelM });
const row = (...xs: number[]) => xs.map((x) => at(x));

function among(shot: Shot, place: number): { standIn: StandIn; one: SoloShot } {
  const standIn = standInFor(place);
  standIn.company = new Map(shot.people.map(({ role }, i) => [role, standInFor(i)]));
  return { standIn, one: amongOthers(shot, `r${place}`, () => PROFILE) };
}
function sightOf(shot: Shot, place: number): Sight {
  const { standIn, one } = among(shot, place);
  return seeShot(standIn, one);
}
/** Numbers of those of a group of whom a rule finds its fault. */
function foundOf(ruleId: string, shot: Shot): number[] {
  return shot.people
    .map((_, i) => i)
    .filter((i) => review(sightOf(shot, i), standardOf(shot.message)).some((f) => f.ruleId === ruleId));
}

describe('faces of several', () => {
  const deep = [at(0.35), at(-0.35, -1.4)];

  it('that one depth of field does not hold are found, and not where it does, or where they are in one plane', () => {
    expect(foundOf('faces-soft', group(deep, { apertureF: 2 }))).toEqual([0, 1]);
    expect(foundOf('faces-soft', group(deep, { apertureF: 16 }))).toEqual([]);
    expect(foundOf('faces-soft', group(row(0.35, -0.35), { apertureF: 4 }))).toEqual([]);
  });

  it('are made sharp by a mend of the aperture', () => {
    const { standIn, one } = among(group(deep, { apertureF: 2 }), 0);
    const finding = review(seeShot(standIn, one), standardOf(one.pose.message)).find(
      (f) => f.ruleId === 'faces-soft',
    )!;
    const result = mend(standIn, one, finding);
    expect(result.kind).toBe('mended');
    expect(result.kind === 'mended' && result.shot.camera.apertureF).toBeGreaterThan(2);
  });

  it('of which one is lit unlike the others are found under a near lamp, and not under a far one', () => {
    const three = row(0.8, 0, -0.8);
    // the lamp stands to camera right, where the first of them is
    const near = { arcDeg: 70, distanceM: 1.6, heightM: 1.9 };
    expect(foundOf('unevenly-lit', group(three, {}, near))).toContain(0);
    expect(foundOf('unevenly-lit', group(three, {}, { arcDeg: 20, distanceM: 5, heightM: 3 }))).toEqual([]);
  });
});

describe('a group', () => {
  it('with one wider gap has it beside whoever stands apart, and a pair or three have none', () => {
    expect(foundOf('apart-from-group', group(row(1, 0.5, 0, -0.5, -2)))).toEqual([4]);
    expect(foundOf('apart-from-group', group(row(1, 0.5, 0, -0.5, -1)))).toEqual([]);
    expect(foundOf('apart-from-group', group(row(0.5, 0, -1.5)))).toEqual([]);
  });

  it('has the gap wherever the lens stands', () => {
    const turned = row(1, 0.5, 0, -0.5, -2).map(({ leftM }) => at(0.87 * leftM, -0.5 * leftM));
    expect(foundOf('apart-from-group', group(turned, { arcDeg: 30, distanceM: 9 }))).toEqual([4]);
  });

  it('whose heads are in one line is told of whoever is in the middle, until one is lifted', () => {
    expect(foundOf('heads-in-row', group(row(0.6, 0, -0.6)))).toEqual([1]);
    expect(foundOf('heads-in-row', group([at(0.6), at(0, 0, 0.15), at(-0.6)]))).toEqual([]);
    expect(foundOf('heads-in-row', group(row(0.3, -0.3)))).toEqual([]);
  });
});
