import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { project, viewOf } from '../camera';
import { seeShot } from '../picture';
import { cameraForCrops, cropFits, cropPlace, framingOf, nearestFramings } from './crops';
import { framed, FRAMINGS } from './framing';

const SIGHT = seeShot(standInOf('average'), shotOf());
const { points } = SIGHT.figure;
const { camera } = SIGHT.shot;

describe('a later cut', () => {
  it('has the format’s sides, holds what it names, and ends at the cut', () => {
    const view = viewOf(camera);
    for (const framing of FRAMINGS)
      for (const aspect of [2 / 3, 4 / 5, 1, 3]) {
        const place = cropPlace(camera, points, framing, aspect)!;
        const width = (place.right - place.left) * view.tanHalfWidth;
        const height = (place.top - place.bottom) * view.tanHalfHeight;
        expect(width / height).toBeCloseTo(aspect, 6);
        const crown = project(view, points.crown);
        expect(crown.y).toBeLessThan(place.top);
        expect(place.share).toBeCloseTo(((place.right - place.left) * (place.top - place.bottom)) / 4, 9);
      }
  });

  it('of the frame’s own format is the frame, where the camera is framed for it', () => {
    const upright = { ...camera, orientation: 'upright' as const };
    for (const framing of FRAMINGS) {
      const own = framed(upright, points, framing)!;
      const place = cropPlace(own, points, framing, 2 / 3)!;
      expect(cropFits(place)).toBe(true);
      expect(place.share).toBeGreaterThan(0.9);
      expect(framingOf(own, points, FRAMINGS)).toBe(framing);
    }
  });

  it('that does not fit fits from further back, and not from nearer', () => {
    const close = framed(camera, points, 'headAndShoulders')!;
    const wanted = [
      { framing: 'threeQuarter' as const, aspect: 4 / 5 },
      { framing: 'half' as const, aspect: 1 },
    ];
    expect(cropFits(cropPlace(close, points, 'threeQuarter', 4 / 5))).toBe(false);
    const back = cameraForCrops(close, points, wanted)!;
    for (const w of wanted) expect(cropFits(cropPlace(back, points, w.framing, w.aspect))).toBe(true);
    const nearer = { ...back, distanceM: back.distanceM / 1.08 };
    expect(wanted.every((w) => cropFits(cropPlace(nearer, points, w.framing, w.aspect)))).toBe(false);
  });

  it('is told where no distance makes room', () => {
    const long = { ...camera, focalLengthMm: 400, distanceM: 15 };
    expect(cameraForCrops(long, points, [{ framing: 'full', aspect: 3 }])).toBeNull();
  });
});

describe('the nearest good cuts', () => {
  it('lie on either side of where the frame cuts', () => {
    const upright = { ...camera, orientation: 'upright' as const };
    for (let i = 0; i + 1 < FRAMINGS.length; i++) {
      const wide = framed(upright, points, FRAMINGS[i]!, 85, 1.2)!;
      const near = framed(upright, points, FRAMINGS[i + 1]!, 85, 1.2)!;
      const share = 0.5;
      const between = {
        ...wide,
        distanceM: wide.distanceM * share + near.distanceM * (1 - share),
        aim: { kind: 'aimed' as const, heightM: 1.35 },
      };
      expect(nearestFramings(between, points)).toEqual({ less: FRAMINGS[i + 1], more: FRAMINGS[i] });
    }
  });

  it('are one only beyond the widest and the tightest, and leave the frame’s own framing out', () => {
    const upright = { ...camera, orientation: 'upright' as const };
    expect(nearestFramings({ ...framed(upright, points, 'full')!, distanceM: 14 }, points)).toEqual({
      less: 'full',
    });
    const half = framed(upright, points, 'half')!;
    expect(nearestFramings(half, points)).toEqual({ less: 'headAndShoulders', more: 'threeQuarter' });
  });
});
