import { expect, it } from 'vitest';
import { viewOf } from '@/core/camera';
import { apart, type Vec3 } from '@/core/units';
import type { ShotReport } from '@/workers/shotReport';
import { shotOf } from '../../../../tests/support/people';
import { viewFor } from './lookingAt';

const { camera } = shotOf();
const point = (x: number, y: number): Vec3 => [x, y, 0.1];
const report = {
  handles: { 'left:hand': point(0.3, 0.9), 'right:hand': point(-0.3, 0.8), hips: point(0, 0.95) },
  points: { chin: point(0, 1.5), crown: point(0, 1.75) },
  feet: { left: { toe: point(0.2, 0) }, right: { toe: point(-0.2, 0) } },
} as unknown as ShotReport;

/** Where a point is in a view, in half-frames. */
function inView(view: ReturnType<typeof viewOf>, p: Vec3): { x: number; y: number } {
  const d = [0, 1, 2].map((c) => p[c]! - view.eye[c]!);
  const along = (axis: Vec3) => axis[0] * d[0]! + axis[1] * d[1]! + axis[2] * d[2]!;
  const depth = along(view.forward);
  return { x: along(view.right) / depth / view.tanHalfWidth, y: along(view.up) / depth / view.tanHalfHeight };
}

it('through the lens is the camera’s own view', () => {
  expect(viewFor({ kind: 'lens' }, camera, 'feet', report)).toEqual(viewOf(camera));
});

it('from round about keeps distance and height, and comes round to the same', () => {
  const turned = viewFor({ kind: 'turn', deg: 90 }, camera, 'feet', report);
  const own = viewOf(camera);
  expect(turned.eye[1]).toBeCloseTo(own.eye[1], 9);
  expect(Math.hypot(turned.eye[0], turned.eye[2])).toBeCloseTo(Math.hypot(own.eye[0], own.eye[2]), 9);
  expect(apart(turned.eye, own.eye)).toBeGreaterThan(1);
  const round = viewFor({ kind: 'turn', deg: 360 }, camera, 'feet', report);
  expect(apart(round.eye, own.eye)).toBeLessThan(1e-9);
});

it.each(['hands', 'head', 'feet', 'hips'] as const)(
  'close to the %s stays where the lens is, and holds them in the frame',
  (panel) => {
    const close = viewFor({ kind: 'close' }, camera, panel, report);
    const own = viewOf(camera);
    expect(close.eye).toEqual(own.eye);
    expect(close.tanHalfWidth).toBeLessThan(own.tanHalfWidth);
    const held: Record<typeof panel, Vec3[]> = {
      hands: [report.handles['left:hand'], report.handles['right:hand']],
      head: [report.points.chin, report.points.crown],
      feet: [report.feet.left.toe, report.feet.right.toe],
      hips: [report.handles.hips],
    };
    for (const p of held[panel]) {
      const { x, y } = inView(close, p);
      expect(Math.abs(x)).toBeLessThan(0.95);
      expect(Math.abs(y)).toBeLessThan(0.95);
    }
  },
);
