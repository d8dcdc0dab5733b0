import { expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import { secondsApart } from '../../pose';
import { HOUSE_POSES } from '../house';
import { posesNear } from './near';

const ALL = Object.values(HOUSE_POSES).flat();
const named = (name: string) => ALL.find((p) => p.name === name)!;
const names = (pose: string, profile = profileOf()) =>
  posesNear(profile, named(pose), ALL).map((p) => p.name);

it('the nearest come first, and the pose itself is not among them', () => {
  const near = posesNear(profileOf(), named('Plain and tall'), ALL);
  const seconds = near.map((p) => secondsApart(named('Plain and tall'), p));
  expect(seconds).toEqual(seconds.toSorted((a, b) => a - b));
  expect(near.map((p) => p.name)).not.toContain('Plain and tall');
  expect(near.slice(0, 5).every((p) => p.support === 'stand')).toBe(true);
});

it('a wheelchair is only for whoever has one, and whoever has one stays in it', () => {
  const isWheelchair = (name: string) => named(name).objects?.[0]?.kind === 'wheelchair';
  expect(names('Plain and tall').some(isWheelchair)).toBe(false);
  const seated = profileOf({ motionLimits: ['usesWheelchair'] });
  const theirs = names('Plain and tall', seated);
  expect(theirs.length).toBeGreaterThan(0);
  expect(theirs.every(isWheelchair)).toBe(true);
});
