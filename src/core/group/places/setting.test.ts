import { describe, expect, it } from 'vitest';
import { CAMERA, LIGHT } from '../../../../tests/support/people';
import { roomOf } from '../../../../tests/support/rooms';
import { project, viewOf, type Camera } from '../../camera';
import { USUAL_LENSES } from '../../set';
import type { Vec3 } from '../../units';
import { cameraForGroup, type Setting } from './setting';

const setting = (depthM: number, focalLengthMm: number): Setting => ({
  room: roomOf({ depthM, door: { wall: 'right', words: 'door', fromM: 0.5, toM: 1.4 } }),
  camera: { ...CAMERA, focalLengthMm },
  light: LIGHT,
  lenses: USUAL_LENSES,
});
/** Feet and crowns of a row so wide. */
const row = (halfM: number): Vec3[] =>
  [-halfM, 0, halfM].flatMap((x): Vec3[] => [
    [x, 0, 0],
    [x, 1.8, 0],
  ]);
/** How far out the outermost point lies, of half the frame, across and up. */
function reach(camera: Camera, ends: readonly Vec3[]) {
  const view = viewOf({ ...camera, arcDeg: 0 });
  const seen = ends.map((p) => project(view, p));
  return {
    across: Math.max(...seen.map((p) => Math.abs(p.x))),
    up: Math.max(...seen.map((p) => Math.abs(p.y))),
  };
}

describe('the camera for a group', () => {
  it.each([
    [1.2, 50],
    [2, 50],
    [2, 35],
  ])(
    'holds a row %f m to either side with %i mm, with room to cut, and from no further than it must',
    (halfM, mm) => {
      const ends = row(halfM);
      const camera = cameraForGroup(setting(14, mm), ends, 1.6)!;
      expect(camera.focalLengthMm).toBe(mm);
      const { across, up } = reach(camera, ends);
      expect(Math.max(across, up)).toBeLessThanOrEqual(0.84);
      // a step of ten centimetres nearer it would be cut, or nearly
      expect(Math.max(across, up)).toBeGreaterThan(0.8);
    },
  );

  it('is farther for a wider row', () => {
    const [near, far] = [1.2, 2].map((halfM) => cameraForGroup(setting(14, 50), row(halfM), 1.6)!.distanceM);
    expect(far).toBeGreaterThan(near! + 0.5);
  });

  it('takes a shorter lens where the room is too small, and is none where no lens holds it', () => {
    const small = cameraForGroup(setting(8.5, 105), row(2), 1.6)!;
    expect(small.focalLengthMm).toBeLessThan(105);
    expect(reach(small, row(2)).across).toBeLessThanOrEqual(0.84);
    expect(cameraForGroup(setting(4, 50), row(9), 1.6)).toBeNull();
  });
});
