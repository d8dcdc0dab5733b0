import { describe, expect, it } from 'vitest';
import { groupOf } from '../../../../tests/support/crew';
import { CAMERA, LIGHT, PROFILES, standInOf, type PersonName } from '../../../../tests/support/people';
import { neutralPose } from '../../pose';
import { faceSeenShare } from '../../picture';
import type { Mark } from '../../scene';
import type { SoloShot } from '../../shot';
import type { Vec3 } from '../../units';
import { coveredShare, standingAt } from './covered';
import { LEVELS, poseAt, type LevelId } from '../places/levels';
import { outlineOf } from './outline';
import type { Place } from '../places/places';

const LENS: Vec3 = [0, 1.5, 5];

function placeAt(xM: number, zM: number, level: LevelId = 'standing'): Place {
  return { row: 0, column: 0, level, xM, zM, turnLeftDeg: 0, isOwnSeat: false };
}

const member = (name: PersonName) => ({ role: name, profile: PROFILES[name], body: standInOf(name).body });

function standing(name: PersonName, xM: number, zM: number, level: LevelId = 'standing') {
  const { body, ...who } = member(name);
  return standingAt(outlineOf(who, body, level), placeAt(xM, zM, level));
}

/** How much of the face of one is seen in the picture itself, past another. */
function seenInPicture(whose: PersonName, at: Mark, by: PersonName, byAt: Mark): number {
  const camera = { ...CAMERA, focalLengthMm: 50, distanceM: LENS[2], heightM: LENS[1] };
  const standIn = standInOf(whose);
  standIn.company = new Map([['b', standInOf(by)]]);
  const pose = poseAt('standing', false);
  const shot: SoloShot = {
    pose,
    mark: at,
    among: { role: 'a', others: [{ role: 'b', profile: PROFILES[by], pose, mark: byAt }] },
    camera: { ...camera, orientation: 'landscape' },
    light: LIGHT,
  };
  return faceSeenShare(standIn, shot)!;
}

describe('a covered face', () => {
  it('is all of it straight behind somebody as tall, none beside them, and none in front of them', () => {
    const behind = standing('average', 0, -0.6);
    expect(coveredShare(behind, standing('average', 0, 0), LENS)).toBeGreaterThan(0.9);
    for (const aside of [-0.7, 0.7])
      expect(coveredShare(behind, standing('average', aside, 0), LENS)).toBe(0);
    expect(coveredShare(standing('average', 0, 0), behind, LENS)).toBe(0);
  });

  it('is seen past somebody who sits or kneels, by whoever stands, and past the shorter from a higher lens', () => {
    const behind = standing('average', 0, -0.6);
    for (const level of ['seat', 'floor'] as const)
      expect(coveredShare(behind, standing('heavy', 0, 0, level), LENS)).toBe(0);
    const [tall, short] = [standing('average', 0, -0.6), standing('slight', 0, 0)];
    const shares = [1.3, 1.6, 2, 2.6].map((y) => coveredShare(tall, short, [0, y, 5]));
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
    expect(shares[0]).toBeGreaterThan(0.5);
    expect(shares.at(-1)).toBe(0);
  });

  it('grows as two come into one line', () => {
    const shares = [0.4, 0.25, 0.12, 0].map((x) =>
      coveredShare(standing('average', 0, -0.6), standing('heavy', x, 0), LENS),
    );
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares[0]).toBe(0);
  });

  it('is by its outline about what it is in the picture', () => {
    const at = (leftM: number, aheadM: number): Mark => ({ leftM, aheadM, turnLeftDeg: 0 });
    const cases: [PersonName, PersonName, number][] = [
      ['average', 'heavy', 0],
      ['average', 'heavy', 0.2],
      ['average', 'heavy', 0.5],
      ['slight', 'average', 0.1],
      ['average', 'slight', 0],
      ['heavy', 'slight', 0.25],
    ];
    const off = cases.map(([whose, by, x]) => {
      const outlined = 1 - coveredShare(standing(whose, 0, -0.6), standing(by, x, 0), LENS);
      return Math.abs(outlined - seenInPicture(whose, at(0, -0.6), by, at(x, 0)));
    });
    expect(Math.max(...off)).toBeLessThan(0.25);
    expect(off.reduce((a, b) => a + b) / off.length).toBeLessThan(0.1);
  });
});

describe('how much of a face is seen', () => {
  it('is all of it for one who is alone, and nothing to tell of one who is out of the picture', () => {
    const shot: SoloShot = { pose: neutralPose('alone'), camera: CAMERA, light: LIGHT };
    expect(faceSeenShare(standInOf('average'), shot)).toBe(1);
    expect(
      faceSeenShare(standInOf('average'), { ...shot, mark: { leftM: 6, aheadM: 0, turnLeftDeg: 0 } }),
    ).toBeNull();
  });
});

describe('heights of a row', () => {
  it('lift heads in their order, and are refused to whom they cannot be asked of', () => {
    const [first] = groupOf(1);
    const crowns = (['floor', 'seat', 'standing', 'box'] as const).map(
      (level) => outlineOf(first!, first!.body, level).crownM,
    );
    expect(crowns).toEqual([...crowns].sort((a, b) => a - b));
    const strain = (level: LevelId, i: number) => LEVELS[level].strain(groupOf(8)[i]!.profile);
    // a wheelchair, a stiff knee at seventy-one, and seven months
    for (const i of [3, 4, 7]) expect(strain('floor', i)).toBeNull();
    for (const i of [3, 4, 7]) expect(strain('box', i)).toBeNull();
    expect(strain('standing', 3)).toBeNull();
    expect(strain('standing', 4)!).toBeGreaterThan(strain('standing', 0)!);
    expect(strain('seat', 4)).toBe(0);
  });
});
