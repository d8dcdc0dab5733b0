import { describe, expect, it } from 'vitest';
import { bodyOf, standInOf, shotOf } from '../../../../tests/support/people';
import { openEdges } from '../../../../tests/support/mesh';
import { seeShot } from '../../picture';
import { EXPRESSIONS, faceShares, neutralPose, type ExpressionName, type Pose } from '../../pose';
import { partIndex } from './parts';
import { FACE_MOVE_NAMES, moveFace } from '..';
import { keptSurface } from '../../../../tests/support/surfaces';

const body = bodyOf('average');
const surface = keptSurface(body, 'measured');

function moved(said: ExpressionName | NonNullable<Pose['expression']>) {
  const positions = surface.positions.slice();
  const normals = surface.normals.slice();
  const expression = typeof said === 'string' ? EXPRESSIONS[said] : said;
  moveFace(surface, faceShares({ ...neutralPose('x'), expression }), positions, normals);
  return { positions, normals };
}

/** The vertex of the face nearest to a point of the left half, in head heights. */
function nearestTo(x: number, y: number): number {
  const { headHeightM: H, chinHeightM, headBreadthFactor } = body.lengths;
  const front = [...surface.faceVertices].filter((v) => surface.positions[v * 3 + 2]! > 0.2 * H);
  // teeth and the inside of the mouth lie behind the skin
  const off = (v: number) =>
    Math.hypot(
      surface.positions[v * 3]! / (H * headBreadthFactor) - x,
      (surface.positions[v * 3 + 1]! - chinHeightM) / H - y,
      0.5 - (surface.positions[v * 3 + 2]! - 0.008 * body.lengths.frameM) / H,
    );
  return front.reduce((best, v) => (off(v) < off(best) ? v : best));
}

describe('expressions', () => {
  it('at rest are the bind surface itself', () => {
    expect(moved('calm').positions).toEqual(surface.positions);
  });

  it.each(['smallSmile', 'laugh', 'serious', 'eyesClosed'] as const)(
    '%s is the same on both sides',
    (name) => {
      const { positions } = moved(name);
      let left = 0;
      let right = 0;
      for (const v of surface.faceVertices) {
        const by = Math.hypot(...[0, 1, 2].map((c) => positions[v * 3 + c]! - surface.positions[v * 3 + c]!));
        if (surface.positions[v * 3]! > 1e-6) left += by;
        else if (surface.positions[v * 3]! < -1e-6) right += by;
      }
      expect(left).toBeGreaterThan(0.01);
      expect(Math.abs(left / right - 1)).toBeLessThan(0.02);
    },
  );

  it('a laugh lifts the corners of the mouth and a small smile lifts them less', () => {
    const corner = nearestTo(0.11, 0.212);
    const lift = (name: ExpressionName) =>
      (moved(name).positions[corner * 3 + 1]! - surface.positions[corner * 3 + 1]!) * 1000;
    expect(lift('laugh')).toBeGreaterThan(3);
    expect(lift('smallSmile')).toBeGreaterThan(1);
    expect(lift('smallSmile')).toBeLessThan(lift('laugh') * 0.6);
  });

  it('serious brows come down', () => {
    const brow = nearestTo(0.14, 0.6);
    expect(moved('serious').positions[brow * 3 + 1]!).toBeLessThan(surface.positions[brow * 3 + 1]! - 0.001);
  });

  it('parted lips leave each other by some millimetres, half as far at half', () => {
    const { positions } = moved({ lipsParted: 1 });
    const by = (v: number, c: number) => (positions[v * 3 + c]! - surface.positions[v * 3 + c]!) * 1000;
    const [upper, lower] = [0.228, 0.19].map((y) => nearestTo(0.01, y));
    expect(by(upper!, 1)).toBeGreaterThan(0.5);
    expect(by(lower!, 1)).toBeLessThan(-1);
    expect(
      moved({ lipsParted: 0.5 }).positions[lower! * 3 + 1]! - surface.positions[lower! * 3 + 1]!,
    ).toBeCloseTo(by(lower!, 1) / 2000, 6);
  });

  it('a dropped jaw takes the chin and the lower lip down and leaves nose and upper lip', () => {
    const { positions } = moved({ jawLowered: 1 });
    const dropMm = (x: number, y: number) => {
      const v = nearestTo(x, y);
      return (surface.positions[v * 3 + 1]! - positions[v * 3 + 1]!) * 1000;
    };
    expect(dropMm(0.01, 0.06)).toBeGreaterThan(5);
    expect(dropMm(0.01, 0.185)).toBeGreaterThan(5);
    expect(Math.abs(dropMm(0.01, 0.24))).toBeLessThan(0.6);
    expect(Math.abs(dropMm(0.01, 0.35))).toBeLessThan(0.1);
  });

  it('closed eyes hide the eyeballs from the lens, and nothing but the face moves', () => {
    const eyes = (name: ExpressionName) => {
      const shot = shotOf();
      const { picture } = seeShot(standInOf('average'), {
        ...shot,
        pose: { ...neutralPose('x'), expression: EXPRESSIONS[name] },
        camera: { ...shot.camera, distanceM: 2.5, focalLengthMm: 200, heightM: 1.62 },
      });
      const labels = [partIndex('left:eye'), partIndex('right:eye')];
      return picture.label.filter((l) => labels.includes(l)).length;
    };
    expect(eyes('calm')).toBeGreaterThan(20);
    expect(eyes('eyesClosed')).toBeLessThan(0.35 * eyes('calm'));
    const { positions } = moved('laugh');
    const moving = new Set(surface.faceVertices);
    for (let v = 0; v < surface.labels.length; v += 11)
      if (!moving.has(v)) expect(positions[v * 3 + 1]).toBe(surface.positions[v * 3 + 1]);
  });

  it('leaves the surface closed, with normals that are numbers', () => {
    expect(openEdges(surface)).toBe(0);
    expect(moved('laugh').normals.every(Number.isFinite)).toBe(true);
    expect(surface.faceShifts.length).toBe(surface.faceVertices.length * FACE_MOVE_NAMES.length * 6);
  });
});
