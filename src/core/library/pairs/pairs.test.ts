import { describe, expect, it } from 'vitest';
import { shotOf } from '../../../../tests/support/people';
import { neutralPose } from '../../pose';
import { shotOfOne, shotSchema, withAnother } from '../../shot';
import { ARRANGEMENTS, arranged, suiting } from '.';

const ALL = Object.values(ARRANGEMENTS).flat();
const TWO = withAnother(shotOfOne('runa', shotOf()), 'joss', neutralPose('x'));

describe('arrangements of two', () => {
  it('are whole pictures of whoever is in them, first come first', () => {
    for (const arrangement of ALL) {
      const shot = arranged(TWO, arrangement);
      expect(shotSchema.parse(shot)).toEqual(shot);
      expect(shot.people.map((p) => p.personId)).toEqual(['runa', 'joss']);
      expect(shot.camera).toBe(TWO.camera);
      expect(shot.people.every((p) => p.pose.name === arrangement.name)).toBe(true);
    }
  });

  it('have names, words and ids of their own', () => {
    for (const key of ['id', 'name', 'words'] as const)
      expect(new Set(ALL.map((a) => a[key])).size).toBe(ALL.length);
  });

  it('touch nobody but each other, at places that there are', () => {
    for (const { people } of ALL) {
      const roles = people.map((p) => p.role);
      for (const { role, pose, mark } of people) {
        const others = roles.filter((r) => r !== role);
        for (const { of } of pose.contacts) if (of) expect(others).toContain(of.role);
        if (mark.near) expect(others).toContain(mark.near.role);
        if (pose.gaze.kind === 'person') expect(others).toContain(pose.gaze.role);
      }
    }
  });

  it('are refused for fewer or more people', () => {
    const three = withAnother(TWO, 'pim', neutralPose('x'));
    expect(() => arranged(three, ALL[0]!)).toThrow('people 3 must be 2');
  });

  it('put the shorter or the taller one first where that is said', () => {
    const inFront = ALL.find((a) => a.first === 'shorter')!;
    const statureM = (id: string) => (id === 'runa' ? 1.8 : 1.6);
    expect(arranged(TWO, inFront, statureM).people.map((p) => p.personId)).toEqual(['joss', 'runa']);
    expect(arranged(TWO, inFront).people.map((p) => p.personId)).toEqual(['runa', 'joss']);
    const whoever = ALL.find((a) => !a.first)!;
    expect(arranged(TWO, whoever, statureM).people.map((p) => p.personId)).toEqual(['runa', 'joss']);
  });

  it('are offered with a child only where there are a child and a grown-up', () => {
    const withChild = ALL.filter((a) => a.withChild);
    expect(withChild.length).toBeGreaterThan(0);
    const offered = (...ages: number[]) =>
      suiting(
        ALL,
        ages.map((ageYears) => ({ ageYears })),
      );
    expect(offered(6, 40)).toEqual(ALL.filter((a) => !a.adultsOnly));
    expect(offered(40, 30).some((a) => a.withChild)).toBe(false);
    expect(offered(6, 7).some((a) => a.withChild)).toBe(false);
    expect(offered(12, 40)).toEqual(ALL.filter((a) => !a.withChild && !a.adultsOnly));
  });

  it('are as close as a couple only where both are of age', () => {
    const offered = (...ages: number[]) =>
      suiting(
        ALL,
        ages.map((ageYears) => ({ ageYears })),
      ).map((a) => a.id);
    const lips = ALL.filter((a) => a.people.some((p) => p.pose.contacts.some((c) => c.part === 'lips')));
    expect(lips.length).toBeGreaterThan(1);
    for (const { id } of lips) {
      expect(offered(18, 30)).toContain(id);
      expect(offered(17, 30)).not.toContain(id);
    }
  });

  it('are thirty and more', () => {
    expect(ALL.length).toBeGreaterThanOrEqual(30);
  });
});
