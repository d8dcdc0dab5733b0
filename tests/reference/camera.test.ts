import { PerspectiveCamera, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import {
  angleOfViewDeg,
  blurDiscMm,
  cameraSchema,
  depthOfField,
  distanceForFramingM,
  hyperfocalM,
  project,
  SENSOR_FORMATS,
  viewOf,
} from '@/core/camera';
import { motionBlurMm, MOVEMENTS, slowestShutter } from '@/core/set';
import { CAMERA } from '../support/people';

// The usual handbook table for 36 x 24 mm, recomputed from 2 atan(side / 2f).
describe('angle of view', () => {
  it.each([
    [24, 73.7, 53.1, 84.1],
    [35, 54.4, 37.8, 63.4],
    [50, 39.6, 27.0, 46.8],
    [85, 23.9, 16.1, 28.6],
    [135, 15.2, 10.2, 18.2],
  ])('%i mm', (f, long, short, diagonal) => {
    expect(angleOfViewDeg(36, f)).toBeCloseTo(long, 1);
    expect(angleOfViewDeg(24, f)).toBeCloseTo(short, 1);
    expect(angleOfViewDeg(Math.hypot(36, 24), f)).toBeCloseTo(diagonal, 1);
  });
});

// Thin-lens depth of field, values computed by hand from the handbook formulas.
describe('depth of field', () => {
  it('hyperfocal distance of 50 mm f/8', () => expect(hyperfocalM(50, 8, 0.03)).toBeCloseTo(10.467, 2));
  it('85 mm f/2 at 3 m', () => {
    const { nearM, farM } = depthOfField(85, 2, 0.03, 3);
    expect(nearM).toBeCloseTo(2.929, 3);
    expect(farM).toBeCloseTo(3.074, 3);
  });
  it('is infinite from the hyperfocal distance on', () => {
    expect(depthOfField(50, 8, 0.03, hyperfocalM(50, 8, 0.03)).farM).toBe(Infinity);
  });
  it('a point at the far limit blurs to the circle of confusion', () => {
    const { farM, nearM } = depthOfField(85, 2, 0.03, 3);
    expect(blurDiscMm(85, 2, 3, farM)).toBeCloseTo(0.03, 3);
    expect(blurDiscMm(85, 2, 3, nearM)).toBeCloseTo(0.03, 3);
  });
  it('refuses a focus inside the lens', () =>
    expect(() => depthOfField(85, 2, 0.03, 0.05)).toThrow(/focusM 0.05/));
});

// Computed: a person of 1.75 m filling 85 % of the long side of 36 mm.
describe('distance for a framing', () => {
  it.each([
    [85, 4.95],
    [50, 2.91],
    [35, 2.04],
  ])('%i mm', (f, distance) => expect(distanceForFramingM(1.75, 0.85, 36, f)).toBeCloseTo(distance, 1));
  it('refuses nothing to frame', () =>
    expect(() => distanceForFramingM(0, 0.85, 36, 50)).toThrow(/subjectM 0/));
});

// Computed by hand: f v t / d for a walk of 1.4 m/s across the picture at 3 m, 85 mm, 1/125 s.
describe('motion blur', () => {
  it('of a walk across', () =>
    expect(motionBlurMm(85, 3, MOVEMENTS.walk.speedMps, 1 / 125)).toBeCloseTo(0.317, 3));
  it('is sharp from 1/1600 s on', () => {
    // 0.030 mm at 39.7 mm a second: 1/1322 s, the next marked time is 1/1600
    expect(slowestShutter(CAMERA, 3, 'walk')).toBe(1600);
  });
});

// Reference library: the projection matrix of three.js.
it('projects like three.js, level and aimed, from any side', () => {
  for (const camera of [
    CAMERA,
    { ...CAMERA, arcDeg: 37, heightM: 1.7, aim: { kind: 'aimed', heightM: 1.1 } as const },
    { ...CAMERA, arcDeg: -120, orientation: 'landscape' as const, focalLengthMm: 35, distanceM: 2 },
  ]) {
    const view = viewOf(camera);
    const lens = new PerspectiveCamera(
      (2 * Math.atan(view.tanHalfHeight) * 180) / Math.PI,
      view.tanHalfWidth / view.tanHalfHeight,
      0.1,
      50,
    );
    lens.position.set(...view.eye);
    const aimedAt = new Vector3(...view.eye).add(new Vector3(...view.forward));
    lens.lookAt(aimedAt);
    lens.updateMatrixWorld();
    for (const p of [
      [0, 0, 0],
      [0.4, 1.8, 0.2],
      [-0.3, 0.9, -0.5],
    ]) {
      const expected = new Vector3(...p).project(lens);
      const got = project(view, p);
      expect(got.x).toBeCloseTo(expected.x, 9);
      expect(got.y).toBeCloseTo(expected.y, 9);
    }
  }
});

it('keeps the usual circle of confusion of full frame', () =>
  expect(SENSOR_FORMATS.fullFrame.circleOfConfusionMm).toBeCloseTo(0.03, 4));

it('refuses a lens of 0 mm with field and range, and unknown fields', () => {
  const zero = cameraSchema.safeParse({ ...CAMERA, focalLengthMm: 0 });
  expect(zero.success).toBe(false);
  expect(zero.error!.issues[0]!.path).toEqual(['focalLengthMm']);
  expect(zero.error!.issues[0]!.message).toMatch(/12/);
  expect(cameraSchema.safeParse({ ...CAMERA, zoom: 2 }).success).toBe(false);
});
