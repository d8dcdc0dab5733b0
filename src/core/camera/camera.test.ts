import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CAMERA } from '../../../tests/support/people';
import {
  angleOfViewDeg,
  CAMERA_RANGES,
  cameraSchema,
  coverageM,
  distanceForFramingM,
  frameMm,
  fullFrameEquivalentMm,
  project,
  SENSOR_FORMATS,
  SENSOR_IDS,
  sharpRange,
  viewOf,
} from '.';

describe('the frame', () => {
  it('is held upright or across', () => {
    expect(frameMm(CAMERA)).toEqual({ widthMm: 24, heightMm: 36 });
    expect(frameMm({ ...CAMERA, orientation: 'landscape' })).toEqual({ widthMm: 36, heightMm: 24 });
  });

  // Common practice: crop factors by the diagonal.
  it.each([
    ['apsC15', 1.5],
    ['apsC16', 1.6],
    ['fourThirds', 2],
    ['medium44x33', 0.79],
  ] as const)('of %s narrows the angle by its crop factor', (id, factor) => {
    const sensor = SENSOR_FORMATS[id];
    expect(fullFrameEquivalentMm(sensor, 50) / 50).toBeCloseTo(factor, 1);
    const diagonal = Math.hypot(sensor.longMm, sensor.shortMm);
    expect(angleOfViewDeg(diagonal, 50)).toBeCloseTo(
      angleOfViewDeg(Math.hypot(36, 24), fullFrameEquivalentMm(sensor, 50)),
      6,
    );
  });

  it('takes in what it says: its edges project to the edge', () => {
    for (const sensor of SENSOR_IDS) {
      const camera = { ...CAMERA, sensor, distanceM: 4, heightM: 1.2 };
      const { widthM, heightM } = coverageM(camera, 4);
      const corner = project(viewOf(camera), [widthM / 2, 1.2 + heightM / 2, 0]);
      expect(corner.x).toBeCloseTo(1, 9);
      expect(corner.y).toBeCloseTo(1, 9);
      expect(corner.depthM).toBeCloseTo(4, 9);
    }
  });

  it('is filled at the distance that was computed for it', () => {
    const camera = { ...CAMERA, focalLengthMm: 85 };
    const distanceM = distanceForFramingM(1.8, 0.9, frameMm(camera).heightMm, 85);
    // the thin lens adds one focal length to the pin-hole's distance
    expect(coverageM(camera, distanceM - 0.085).heightM).toBeCloseTo(1.8 / 0.9, 6);
    expect(() => distanceForFramingM(1.8, 0, 36, 85)).toThrow(/fillShare 0/);
    expect(() => distanceForFramingM(1.8, 0.9, 36, 0)).toThrow(/focalLengthMm 0/);
  });
});

describe('the view', () => {
  const arc = fc.integer({ min: -180, max: 180 });
  it('has three unit axes at right angles, and looks at the sitter’s mark', () => {
    fc.assert(
      fc.property(arc, fc.double({ min: 0.5, max: 10, noNaN: true }), (arcDeg, distanceM) => {
        const camera = { ...CAMERA, arcDeg, distanceM, aim: { kind: 'aimed', heightM: 1.1 } as const };
        const view = viewOf(camera);
        const dot = (a: readonly number[], b: readonly number[]) => a.reduce((s, v, i) => s + v * b[i]!, 0);
        const axes = [view.right, view.up, view.forward];
        axes.forEach((a, i) => axes.forEach((b, j) => expect(dot(a, b)).toBeCloseTo(i === j ? 1 : 0, 9)));
        const mark = project(view, [0, 1.1, 0]);
        expect(mark.x).toBeCloseTo(0, 9);
        expect(mark.y).toBeCloseTo(0, 9);
        expect(Math.hypot(view.eye[0], view.eye[2])).toBeCloseTo(distanceM, 9);
      }),
      { seed: 59, numRuns: 50 },
    );
  });

  it('keeps verticals upright when level', () => {
    const view = viewOf({ ...CAMERA, arcDeg: 33 });
    const [low, high] = [project(view, [0.3, 0.1, 0.2]), project(view, [0.3, 1.9, 0.2])];
    expect(high.x).toBeCloseTo(low.x, 9);
    expect(view.up).toEqual([0, 1, 0]);
  });

  it('stands at camera right for a positive arc', () => {
    expect(viewOf({ ...CAMERA, arcDeg: 90 }).eye[0]).toBeCloseTo(CAMERA.distanceM, 9);
  });

  it('sees the sitter’s left on the right of the picture', () => {
    expect(project(viewOf(CAMERA), [0.2, 1, 0]).x).toBeGreaterThan(0);
  });
});

describe('sharpness', () => {
  it('shrinks with the aperture’s width and grows with distance', () => {
    const depth = (apertureF: number, focusM: number) => {
      const { nearM, farM } = sharpRange({ ...CAMERA, apertureF }, focusM);
      return farM - nearM;
    };
    expect(depth(1.8, 3)).toBeLessThan(depth(4, 3));
    expect(depth(4, 3)).toBeLessThan(depth(4, 6));
  });
});

describe('the schema', () => {
  it.each(Object.entries(CAMERA_RANGES))('refuses %s past its ends', (name, { min, max }) => {
    for (const value of [min, max])
      expect(cameraSchema.safeParse({ ...CAMERA, [name]: value }).success).toBe(true);
    for (const value of [min - 0.01, max + 0.01, NaN, '2']) {
      const result = cameraSchema.safeParse({ ...CAMERA, [name]: value });
      expect(result.error?.issues[0]?.path).toEqual([name]);
    }
  });
});

describe('a camera that is turned', () => {
  const straight = { ...CAMERA, arcDeg: 25, distanceM: 3, aim: { kind: 'aimed' as const, heightM: 0.7 } };
  const aspect = 36 / 24;

  it('sees the mark aside by the pan, on the other side', () => {
    const pan = { ...straight, aim: { kind: 'level' as const }, panDeg: 9 };
    const { x } = project(viewOf(pan), [0, pan.heightM, 0]);
    // panned to camera right the mark moves to the left of the picture: tan 9 degrees over half the frame's angle
    expect(x).toBeCloseTo(-Math.tan((9 * Math.PI) / 180) / (24 / 2 / CAMERA.focalLengthMm), 6);
  });

  it('turns the picture against its own roll and keeps what it looks at', () => {
    const view = viewOf({ ...straight, rollDeg: 20 });
    expect(view.forward).toEqual(viewOf(straight).forward);
    const axis = project(view, [0, 0.7, 0]);
    expect(Math.abs(axis.x) + Math.abs(axis.y)).toBeLessThan(1e-9);
    // what stands over the mark leans to the left where the camera leans to the right
    const over = project(view, [0, 1.2, 0]);
    const level = project(viewOf(straight), [0, 1.2, 0]);
    expect((Math.atan2(-over.x, over.y * aspect) * 180) / Math.PI).toBeCloseTo(20, 6);
    expect(Math.hypot(over.x, over.y * aspect)).toBeCloseTo(level.y * aspect, 6);
  });

  it('keeps its axes at right angles', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -45, max: 45, noNaN: true }),
        fc.double({ min: -45, max: 45, noNaN: true }),
        (panDeg, rollDeg) => {
          const { right, up, forward } = viewOf({ ...straight, panDeg, rollDeg });
          const dot = (a: number[], b: number[]) => a.reduce((sum, v, i) => sum + v * b[i]!, 0);
          for (const [a, b] of [
            [right, up],
            [up, forward],
            [forward, right],
          ] as const)
            expect(dot(a, b)).toBeCloseTo(0, 9);
          for (const a of [right, up, forward]) expect(dot(a, a)).toBeCloseTo(1, 9);
        },
      ),
      { endOnFailure: true },
    );
  });
});
