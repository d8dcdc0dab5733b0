import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../tests/support/people';
import { neutralPose } from '../pose';
import { createStandIn, seeLight } from '../picture';
import type { SoloShot } from '../shot';
import { plainGround, type Room } from '../scene';
import { lightFor, SOUGHT_PATTERNS, type LightGoal } from './lightFor';
import { keptSurface } from '../../../tests/support/surfaces';

const body = bodyOf('average');
const standIn = createStandIn(body, keptSurface(body, 'sketched'));
const SHOT: SoloShot = {
  pose: { ...neutralPose('goal'), settings: { headTurnLeftDeg: 30 } },
  camera: {
    sensor: 'fullFrame',
    focalLengthMm: 85,
    distanceM: 3,
    heightM: 1.6,
    arcDeg: 0,
    apertureF: 4,
    orientation: 'upright',
    aim: { kind: 'level' },
  },
  light: { arcDeg: 0, heightM: 2, distanceM: 1.5, sizeM: 0.7, ambientShare: 0.9 },
};
const ROOM: Room = {
  name: 'studio',
  widthM: 6,
  depthM: 7,
  markToBackM: 2.5,
  markToLeftM: 3,
  door: { wall: 'right', words: 'door', fromM: 1, toM: 2 },
};
const goal = (said: Partial<LightGoal>): LightGoal => ({
  pattern: 'loop',
  facing: 'short',
  ratioStops: 2,
  ...said,
});

describe('light by goal', () => {
  it.each(SOUGHT_PATTERNS)('places a key that draws %s', (pattern) => {
    const found = lightFor(standIn, SHOT, goal({ pattern }), ROOM)!;
    expect(seeLight(standIn, { ...SHOT, light: found.light }, plainGround(2)).pattern.name).toBe(pattern);
    expect(found.holdsOf8).toBeGreaterThan(2);
    // as far from the face as it was, and so bright against the ambient as was asked: 1 + 1 / a = 2^2
    expect(found.light.ambientShare).toBeCloseTo(1 / 3, 9);
    expect(Math.abs(found.light.distanceM - 1.5)).toBeLessThan(1);
  });

  it.each(['short', 'broad'] as const)('lights the %s side of a turned face', (facing) => {
    const found = lightFor(standIn, SHOT, goal({ pattern: 'triangle', facing }), ROOM)!;
    expect(seeLight(standIn, { ...SHOT, light: found.light }, plainGround(2)).facing).toBe(facing);
  });

  it('keeps the stand in the room, or says that there is no place', () => {
    const closet: Room = {
      ...ROOM,
      widthM: 1.6,
      markToLeftM: 0.8,
      door: { ...ROOM.door, wall: 'back', fromM: 0, toM: 1 },
    };
    const inCloset = lightFor(standIn, SHOT, goal({ pattern: 'butterfly' }), closet)!;
    const x = Math.sin((inCloset.light.arcDeg * Math.PI) / 180) * inCloset.light.distanceM;
    expect(Math.abs(x)).toBeLessThan(0.8 - 0.2);
    expect(lightFor(standIn, SHOT, goal({ pattern: 'split' }), closet)).toBeNull();
  });

  it('leaves a window in its wall and the sun in the sky', () => {
    const window = { ...SHOT.light, kind: 'window' as const, facesDeg: 90, acrossM: 1.4 };
    expect(lightFor(standIn, { ...SHOT, light: window }, goal({ pattern: 'loop' }), ROOM)).toBeNull();
    const sun = { ...SHOT.light, kind: 'sun' as const };
    expect(lightFor(standIn, { ...SHOT, light: sun }, goal({ pattern: 'loop' }), ROOM)).toBeNull();
  });
});
