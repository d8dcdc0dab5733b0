import { describe, expect, it } from 'vitest';
import { demoTakes } from '../../data/demo/demo';
import { HOUSE_POSES } from '../library';
import {
  firstRole,
  personOf,
  shotOfOne,
  shotSchema,
  shows,
  soloShot,
  withPerson,
  withSolo,
  type Shot,
} from '.';

const ONE = demoTakes()[0]!.shot;
const SEATED = HOUSE_POSES.chair![0]!;
const TWO: Shot = {
  ...ONE,
  people: [
    { ...ONE.people[0]!, role: 'a', personId: 'runa' },
    { ...ONE.people[0]!, role: 'b', personId: 'joss', mark: { leftM: 0.5, aheadM: 0, turnLeftDeg: -30 } },
  ],
};

describe('a picture of one', () => {
  it('is what was said about the one, whatever carries the pose', () => {
    for (const pose of Object.values(HOUSE_POSES).flat()) {
      const solo = { ...soloShot(ONE), pose };
      const shot = shotOfOne('runa', solo);
      expect(shotSchema.parse(shot)).toEqual(shot);
      expect(soloShot(shot)).toEqual(solo);
    }
  });

  it('keeps the exposure, and does without one', () => {
    const exposure = { shutterParts: 125, iso: 400 };
    const exposed = withSolo(ONE, { ...soloShot(ONE), exposure });
    expect(soloShot(exposed).exposure).toEqual(exposure);
    const { exposure: _, ...without } = soloShot(exposed);
    expect('exposure' in withSolo(exposed, without)).toBe(false);
  });
});

describe('a picture of two', () => {
  it('is seen from each, and changed for one of them', () => {
    const turned = { ...soloShot(TWO, 'b').pose, name: 'Turned' };
    const changed = withSolo(TWO, { ...soloShot(TWO, 'b'), pose: turned }, 'b');
    expect(personOf(changed, 'a')).toBe(TWO.people[0]);
    expect(personOf(changed, 'b')).toMatchObject({
      personId: 'joss',
      mark: { leftM: 0.5 },
      pose: { name: 'Turned' },
    });
    expect(shotSchema.parse(changed)).toEqual(changed);
  });

  it('has its supports and its message in common', () => {
    const seated = withSolo(TWO, { ...soloShot(TWO, 'a'), pose: SEATED }, 'a');
    expect(seated.supports).toEqual(SEATED.objects);
    expect(soloShot(seated, 'b').pose.objects).toEqual(SEATED.objects);
    expect(soloShot(seated, 'b').pose.message).toEqual(SEATED.message);
    expect(seated.people[0]!.pose).not.toHaveProperty('objects');
  });

  it('has no role or person twice, and somebody', () => {
    const [a, b] = TWO.people as [Shot['people'][0], Shot['people'][0]];
    const said = (people: Shot['people']) => shotSchema.safeParse({ ...TWO, people }).success;
    expect(said([a, b])).toBe(true);
    expect(said([a, { ...b, role: 'a' }])).toBe(false);
    expect(said([a, { ...b, personId: 'runa' }])).toBe(false);
    expect(said([{ ...a, role: 'A1' }])).toBe(false);
    expect(said([])).toBe(false);
    expect(firstRole({ ...TWO, people: [b] })).toBe('b');
    expect(() => soloShot(TWO, 'c')).toThrow('role c must be one of a, b');
  });
});

describe('another person in a picture', () => {
  const who = (shot: Shot) => shot.people.map((p) => p.personId);

  it('takes over the pose of a role', () => {
    const shot = withPerson(TWO, 'b', 'ada');
    expect(who(shot)).toEqual(['runa', 'ada']);
    expect(personOf(shot, 'b').pose).toBe(personOf(TWO, 'b').pose);
    expect(personOf(shot, 'b').mark).toEqual(personOf(TWO, 'b').mark);
    expect([shows(shot, 'ada'), shows(shot, 'joss')]).toEqual([true, false]);
  });

  it('gives a place of their own in exchange', () => {
    const shot = withPerson(TWO, 'a', 'joss');
    expect(who(shot)).toEqual(['joss', 'runa']);
    expect(withPerson(shot, 'a', 'runa')).toEqual(TWO);
    expect(shotSchema.parse(shot)).toEqual(shot);
    expect(withPerson(TWO, 'a', 'runa')).toEqual(TWO);
  });
});

describe('what depends on a pose', () => {
  it('finds the same object again while camera and light change', () => {
    const solo = soloShot(TWO, 'b');
    expect(soloShot(TWO, 'b')).toBe(solo);
    const lowered = withSolo(TWO, { ...solo, camera: { ...solo.camera, heightM: 0.8 } }, 'b');
    expect(soloShot(lowered, 'b').pose).toBe(solo.pose);
    expect(lowered.people).toBe(TWO.people);
    expect(lowered.camera.heightM).toBe(0.8);
  });

  it('and the pose itself as it was given', () => {
    const pose = { ...soloShot(TWO, 'a').pose, name: 'Other' };
    const changed = withSolo(TWO, { ...soloShot(TWO, 'a'), pose }, 'a');
    expect(soloShot(changed, 'a').pose).toBe(pose);
  });
});
