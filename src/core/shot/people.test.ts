import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import { demoTakes } from '../../data/demo/demo';
import { ARRANGEMENTS, arranged } from '../library';
import { neutralPose } from '../pose';
import { supportAt } from '../scene';
import {
  amongOthers,
  freeRole,
  marksInRow,
  MOST_PEOPLE,
  shotSchema,
  soloShot,
  standingOn,
  touching,
  withAnother,
  withMark,
  withoutRole,
  type Shot,
} from '.';

const ONE = demoTakes()[0]!.shot;
const easy = neutralPose('at ease');
const lefts = (shot: Shot) => shot.people.map((p) => p.mark?.leftM);

describe('one person more in a picture', () => {
  it('has a role of their own, and all stand side by side', () => {
    const two = withAnother(ONE, 'joss', easy);
    expect(two.people.map((p) => p.role)).toEqual(['a', 'b']);
    expect(lefts(two)).toEqual([0.31, -0.31]);
    expect(lefts(withAnother(two, 'pim', easy))).toEqual([0.31, -0.31, -0.93]);
    expect(shotSchema.parse(two)).toEqual(two);
    expect(two.supports).toBe(ONE.supports);
  });

  it('stays out of the places that others were given', () => {
    const placed = withMark(ONE, 'a', { leftM: 1, aheadM: 0.5, turnLeftDeg: 20 });
    const two = withAnother(placed, 'joss', easy);
    expect(two.people[0]!.mark).toEqual({ leftM: 1, aheadM: 0.5, turnLeftDeg: 20 });
    expect(two.people[1]!.mark).toEqual({ leftM: 0.38, aheadM: 0.5, turnLeftDeg: 0 });
  });

  it('is nobody who is in it, and nobody for whom there is no room', () => {
    expect(() => withAnother(ONE, ONE.people[0]!.personId, easy)).toThrow('in the picture already');
    let many = ONE;
    for (let i = 1; i < MOST_PEOPLE; i++) many = withAnother(many, `person-${i}`, easy);
    expect(new Set(many.people.map((p) => p.role)).size).toBe(MOST_PEOPLE);
    expect(freeRole(many)).toBe('ao');
    expect(shotSchema.parse(many)).toEqual(many);
    expect(() => withAnother(many, 'one-more', easy)).toThrow('people 41');
  });
});

describe('one person less', () => {
  it('leaves the others where they are, and the last on the set’s own mark', () => {
    const three = withAnother(withAnother(ONE, 'joss', easy), 'pim', easy);
    const two = withoutRole(three, 'a');
    expect(two.people.map((p) => p.role)).toEqual(['b', 'c']);
    expect(lefts(two)).toEqual([-0.31, -0.93]);
    expect(withoutRole(two, 'c').people).toEqual([
      { role: 'b', personId: 'joss', pose: two.people[0]!.pose },
    ]);
    expect(() => withoutRole(ONE, 'a')).toThrow('the only one');
  });
});

describe('those who touch', () => {
  const arrangement = Object.values(ARRANGEMENTS)
    .flat()
    .find((a) => a.id === 'fromBehind')!;
  const held = arranged(withAnother(ONE, 'joss', easy), arrangement);

  it('are whoever lays a hand on somebody, and whoever is touched', () => {
    expect(touching(held).map((p) => p.role)).toEqual(['a', 'b']);
    expect(touching(withAnother(ONE, 'joss', easy))).toEqual([]);
    expect(touching(withAnother(held, 'pim', easy)).map((p) => p.role)).toEqual(['a', 'b']);
  });

  it('touch nobody who has gone, look at nobody, and stand close to nobody', () => {
    const looking = {
      ...held,
      people: held.people.map((p) =>
        p.role === 'b'
          ? { ...p, pose: { ...p.pose, gaze: { kind: 'person' as const, role: 'a', at: 'eyes' as const } } }
          : p,
      ),
    };
    const three = withAnother(looking, 'pim', easy);
    const left = withoutRole(three, 'a').people[0]!;
    expect(left.pose.contacts).toEqual([]);
    expect(left.pose.gaze).toEqual({ kind: 'lens' });
    expect(left.mark).toEqual({ leftM: -0.05, aheadM: -0.25, turnLeftDeg: -4 });
  });
});

describe('what people stand on', () => {
  it('is a box of its own height under everybody whom one lifts, where they stand, besides the supports', () => {
    const two = withAnother(ONE, 'joss', easy);
    const lifted = withMark(two, 'b', { leftM: -0.31, aheadM: 0.2, turnLeftDeg: 15, levelM: 0.3 });
    const box = { kind: 'step', leftM: -0.31, aheadM: 0.2, turnLeftDeg: 15 };
    for (const role of ['a', 'b']) {
      const [on, ...more] = standingOn(amongOthers(lifted, role, () => profileOf()));
      expect(on).toMatchObject(box);
      expect(on!.sizesM!.heightM).toBe(0.3);
      expect(more).toEqual([]);
    }
    expect(standingOn(soloShot(lifted, 'a'))).toEqual([]);
    expect(standingOn(soloShot(two, 'a'))).toEqual([]);
    const chair = supportAt('chair');
    expect(standingOn(soloShot({ ...lifted, supports: [chair] }, 'b'))).toHaveLength(2);
  });
});

describe('marks in a row', () => {
  it('lie evenly about the set’s own', () => {
    expect(marksInRow(1)).toEqual([{ leftM: 0, aheadM: 0, turnLeftDeg: 0 }]);
    expect(marksInRow(4).map((m) => m.leftM)).toEqual([0.93, 0.31, -0.31, -0.93]);
  });
});
