import { describe, expect, it } from 'vitest';
import { groupOf } from '../../../../tests/support/crew';
import { shotOf } from '../../../../tests/support/people';
import { neutralPose } from '../../pose';
import { rowOfFaces } from '../../set';
import { shotOfOne, withAnother, withMark, type Shot } from '../../shot';
import { groupSheet } from './groupSheet';
import { poseAt } from '../places/levels';

const GROUP = groupOf(6);
const profileOf = (role: string) => GROUP.find((m) => m.role === role)?.profile;

/** Six in two rows: three seated in front, three standing behind; the last on a box. */
function sixInRows(arcDeg = 0): Shot {
  const alone = shotOfOne('person-a', shotOf({}, { arcDeg, distanceM: 5 }));
  const all = GROUP.slice(1).reduce(
    (shot, m) => withAnother(shot, `person-${m.role}`, neutralPose('x')),
    alone,
  );
  const [s, c] = [Math.sin((arcDeg * Math.PI) / 180), Math.cos((arcDeg * Math.PI) / 180)];
  const placed = all.people.reduce((shot, { role }, i) => {
    const [x, z] = [((i % 3) - 1) * 0.6, i < 3 ? 0.3 : -0.3];
    return withMark(shot, role, {
      leftM: x * c + z * s,
      aheadM: -x * s + z * c,
      turnLeftDeg: arcDeg,
      ...(i === 5 && { levelM: 0.25 }),
    });
  }, all);
  const { message: _, ...seated } = poseAt('seat', false);
  return { ...placed, people: placed.people.map((p, i) => (i < 3 ? { ...p, pose: seated } : p)) };
}

describe('the sheet of a group', () => {
  it('numbers places row by row from the front, each from camera left, wherever the camera stands', () => {
    for (const arcDeg of [0, 70, -150]) {
      const { places } = groupSheet(sixInRows(arcDeg), profileOf);
      expect(places.map((p) => p.role)).toEqual(['a', 'b', 'c', 'd', 'e', 'f']);
      expect(places.map((p) => p.number)).toEqual([1, 2, 3, 4, 5, 6]);
      expect(places.map((p) => p.row)).toEqual([0, 0, 0, 1, 1, 1]);
    }
  });

  it('says who sits, stands, and stands on how high a box', () => {
    const { places } = groupSheet(sixInRows(), profileOf);
    expect(places.map((p) => p.level)).toEqual(['seat', 'seat', 'seat', 'standing', 'standing', 'box']);
    expect(places.map((p) => p.boxM)).toEqual([0, 0, 0, 0, 0, 0.25]);
  });

  it('calls the back row first, from the middle outwards, and last whoever waits badly', () => {
    const { calling } = groupSheet(sixInRows(), profileOf);
    // d brings a wheelchair and was put among those who stand; e is seventy-one
    expect(calling).toEqual(['f', 'b', 'a', 'c', 'e', 'd']);
    expect(groupSheet(sixInRows(), () => undefined).calling).toEqual(['e', 'd', 'f', 'b', 'a', 'c']);
  });

  it('focuses so that first and last row are equally sharp', () => {
    const shot = sixInRows();
    const expected = rowOfFaces(shot.camera, 4.7, 0.7).focusM;
    expect(groupSheet(shot, profileOf).focusM).toBeCloseTo(expected, 9);
    expect(groupSheet(sixInRows(70), profileOf).focusM).toBeCloseTo(expected, 6);
  });
});
