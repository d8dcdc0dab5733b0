import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { viewOf } from '../camera';
import { HOUSE_POSES } from '../library';
import { figureFor } from '../picture';
import { usualRoom } from '../scene';
import { framingOf, FRAMINGS, roomForCameraM, USUAL_LENSES, type Framing } from '../set';
import { framedAsPlanned } from './framedAsPlanned';

const poses = Object.values(HOUSE_POSES).flat();
const poseNamed = (name: string) => poses.find((p) => p.name === name)!;
const ROOM = usualRoom('Studio', 4, 8);

function taken(name: string, framing: Framing, room = ROOM, lenses = USUAL_LENSES) {
  const standIn = standInOf('average');
  const shot = framedAsPlanned(standIn, shotOf(), { pose: poseNamed(name), framing }, room, lenses);
  const { points } = figureFor(standIn, shot, viewOf(shot.camera).eye);
  return { ...shot, points };
}

describe('a planned picture', () => {
  it.each<[string, Framing]>([
    ['Plain and tall', 'full'],
    ['Plain and tall', 'headAndShoulders'],
    ['High stool', 'half'],
    ['Waiting for the ferry', 'threeQuarter'],
  ])('%s, %s: is framed as it was planned, through the usual lens', (name, framing) => {
    const { camera, points } = taken(name, framing);
    expect(framingOf(camera, points, FRAMINGS)).toBe(framing);
    expect(camera.focalLengthMm).toBe(85);
    expect(camera.distanceM).toBeLessThanOrEqual(roomForCameraM(ROOM, 0));
  });

  it('is landscape where the sitter lies, upright where one stands', () => {
    expect(taken('Along the jetty', 'full').camera.orientation).toBe('landscape');
    expect(taken('Plain and tall', 'full').camera.orientation).toBe('upright');
    expect(taken('Hanging off the back', 'half').camera.orientation).toBe('landscape');
    expect(taken('Along the jetty', 'headAndShoulders').camera.orientation).toBe('upright');
  });

  it('takes another lens where the room is too small for the usual one', () => {
    const small = usualRoom('Small', 2.5, 4.2);
    const { camera, points } = taken('Plain and tall', 'full', small);
    expect(camera.focalLengthMm).toBeLessThan(85);
    expect(camera.distanceM).toBeLessThanOrEqual(roomForCameraM(small, 0));
    expect(framingOf(camera, points, FRAMINGS)).toBe('full');
    // where no lens holds it, it is as it began
    expect(taken('Plain and tall', 'full', small, []).camera).toEqual(shotOf().camera);
  });
});
