import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { roomOf } from '../../../tests/support/rooms';
import type { Room } from '../scene';
import { roomForCameraM, USUAL_LENSES } from '../set';
import { CAMERA_GOALS, cameraFor, cameraMeasures, type CameraGoal } from './cameraFor';

const standIn = standInOf('average');
const ROOM = roomOf({ name: 'hall', depthM: 10 });
const shot = shotOf({}, { distanceM: 3, focalLengthMm: 35, heightM: 1.3 });
const propose = (goal: CameraGoal, room = ROOM) => cameraFor(standIn, shot, goal, 'full', room, USUAL_LENSES);

describe('the camera by goal', () => {
  it.each(Object.keys(CAMERA_GOALS) as CameraGoal[])(
    '%s: stays in the room and the kit, and says what it does',
    (goal) => {
      const found = propose(goal)!;
      expect(found.camera.distanceM).toBeLessThanOrEqual(roomForCameraM(ROOM, 0));
      expect(found.camera.focalLengthMm).toBeGreaterThanOrEqual(found.lens.shortestMm);
      expect(found.camera.focalLengthMm).toBeLessThanOrEqual(found.lens.longestMm);
      expect(found.after.faceDistanceM).toBeGreaterThanOrEqual(found.lens.closestM);
      expect(found.before).toEqual(cameraMeasures(standIn, shot));
      expect(found.after).toEqual(cameraMeasures(standIn, { ...shot, camera: found.camera }));
    },
  );

  it('true proportions come from far away, longer legs from low down', () => {
    const true_ = propose('proportions')!;
    const legs = propose('legs')!;
    expect(true_.after.largest.enlargement).toBeLessThan(true_.before.largest.enlargement);
    expect(true_.camera.distanceM).toBeGreaterThan(4);
    expect(legs.after.legShare).toBeGreaterThan(true_.after.legShare);
    expect(legs.camera.heightM).toBeLessThan(0.9);
  });

  it('presence looks up from below the eyes, approachable from a little above, a calm face is drawn flat', () => {
    const presence = propose('presence')!.after;
    expect(presence.aboveEyesDeg).toBeLessThan(-5);
    expect(presence.aboveEyesDeg).toBeGreaterThan(-15);
    const approachable = propose('approachable')!.after;
    expect(approachable.aboveEyesDeg).toBeGreaterThan(0);
    const calm = propose('calm')!.after;
    expect(calm.noseAgainstEars).toBeLessThan(presence.noseAgainstEars);
    expect(Math.abs(calm.aboveEyesDeg)).toBeLessThan(5);
  });

  it('says when no lens of the kit holds the framing in the room', () => {
    const closet: Room = { ...ROOM, depthM: 3.4, door: { ...ROOM.door, toM: 1.5 } };
    expect(propose('calm', closet)).toBeNull();
  });

  // Nose and ears 12 cm apart: ((d + 0.12) / d)^2 by hand at 1 m is 1.2544.
  it('measures the nose against the ears as perspective has it', () => {
    const near = cameraMeasures(standIn, shotOf({}, { distanceM: 1.2, focalLengthMm: 50, heightM: 1.6 }));
    const d = near.faceDistanceM;
    expect(near.noseAgainstEars).toBeCloseTo(((d + 0.12) / d) ** 2 - 1, 9);
    expect(near.noseAgainstEars).toBeGreaterThan(0.2);
  });
});
