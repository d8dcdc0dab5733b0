import { describe, expect, it } from 'vitest';
import { placesOf, supportAt } from '../scene';
import { carriedIn, HOUSE_POSES } from '../library';
import { restPlaceOf, restPlacesFor, restingOn } from './restPlaces';
import { neutralPose } from './pose';

const places = (...kinds: Parameters<typeof supportAt>[0][]) =>
  placesOf(kinds.map((kind) => supportAt(kind)));

describe('on what a body can be', () => {
  it('is on what is there, by how it is carried', () => {
    expect(restPlacesFor('stand', places('sofa'))).toEqual([]);
    expect(restPlacesFor('sit', places('stool'))).toEqual(['seat']);
    expect(restPlacesFor('sit', places('sofa'))).toEqual(['seat', 'armrest']);
    expect(restPlacesFor('astride', places('armchair'))).toEqual(['seat']);
    expect(restPlacesFor('reclineLeft', [])).toEqual(['floor']);
    expect(restPlacesFor('kneelLow', places('sofa'))).toEqual(['floor', 'seat']);
  });

  it('is where the poses of the house are', () => {
    for (const pose of Object.values(HOUSE_POSES).flat()) {
      const place = restPlaceOf(pose);
      if (place)
        expect(restPlacesFor(pose.support, placesOf(pose.objects ?? [])), pose.name).toContain(place);
    }
  });
});

it('a pose goes to another place and back to the one that is meant', () => {
  const seated = { ...carriedIn(neutralPose('x'), 'sit'), objects: [supportAt('armchair')] };
  const onArm = restingOn(seated, 'armrest');
  expect(onArm.on).toBe('armrest');
  expect(restPlaceOf(onArm)).toBe('armrest');
  expect(restingOn(onArm, 'seat')).toEqual(seated);
  expect(restPlaceOf(neutralPose('x'))).toBeUndefined();
});
