import { describe, expect, it } from 'vitest';
import { placesOf, supportAt } from '../scene';
import { carriedIn, HOUSE_POSES } from '../library';
import { groundOf, groundsFor, onGround } from './grounds';
import { neutralPose } from './pose';

const places = (...kinds: Parameters<typeof supportAt>[0][]) =>
  placesOf(kinds.map((kind) => supportAt(kind)));

describe('on what a body can be', () => {
  it('is on what is there, by how it is carried', () => {
    expect(groundsFor('stand', places('sofa'))).toEqual([]);
    expect(groundsFor('sit', places('stool'))).toEqual(['seat']);
    expect(groundsFor('sit', places('sofa'))).toEqual(['seat', 'armrest']);
    expect(groundsFor('astride', places('armchair'))).toEqual(['seat']);
    expect(groundsFor('reclineLeft', [])).toEqual(['floor']);
    expect(groundsFor('kneelLow', places('sofa'))).toEqual(['floor', 'seat']);
  });

  it('is where the poses of the house are', () => {
    for (const pose of Object.values(HOUSE_POSES).flat()) {
      const ground = groundOf(pose);
      if (ground) expect(groundsFor(pose.support, placesOf(pose.objects ?? [])), pose.name).toContain(ground);
    }
  });
});

it('a pose goes to another ground and back to the one that is meant', () => {
  const seated = { ...carriedIn(neutralPose('x'), 'sit'), objects: [supportAt('armchair')] };
  const onArm = onGround(seated, 'armrest');
  expect(onArm.on).toBe('armrest');
  expect(groundOf(onArm)).toBe('armrest');
  expect(onGround(onArm, 'seat')).toEqual(seated);
  expect(groundOf(neutralPose('x'))).toBeUndefined();
});
