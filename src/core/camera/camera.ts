import { z } from 'zod';
import { add, degrees, radians, type Vec3 } from '../units';
import { SENSOR_FORMATS, SENSOR_IDS } from './sensor';

/** Ranges of the camera's numbers; controls, validation and mending read them here. */
export const CAMERA_RANGES = {
  focalLengthMm: { min: 12, max: 400, step: 1, unit: 'mm', words: 'focal length' },
  distanceM: { min: 0.5, max: 20, step: 0.1, unit: 'm', words: 'distance to the sitter' },
  heightM: { min: 0.1, max: 3, step: 0.02, unit: 'm', words: 'lens height' },
  arcDeg: { min: -180, max: 180, step: 5, unit: '°', words: 'arc, to camera right' },
  apertureF: { min: 0.95, max: 32, step: 0.1, unit: 'f/', words: 'aperture' },
} as const;
export type CameraNumber = keyof typeof CAMERA_RANGES;

/** Ranges of how the camera is turned on its tripod; unturned it looks at the mark and stands upright. */
export const TURN_RANGES = {
  panDeg: { min: -45, max: 45, step: 1, unit: '°', words: 'pan, to camera right' },
  rollDeg: { min: -45, max: 45, step: 1, unit: '°', words: 'roll, clockwise' },
} as const;
export type CameraTurn = keyof typeof TURN_RANGES;

const turn = (name: CameraTurn) =>
  z.number().min(TURN_RANGES[name].min).max(TURN_RANGES[name].max).optional();
const ranged = (name: CameraNumber) => z.number().min(CAMERA_RANGES[name].min).max(CAMERA_RANGES[name].max);

/** Heights over the mark that a camera can be aimed at, metres. */
export const AIM_RANGE = { min: 0, max: 2.6, step: 0.05, unit: 'm' } as const;

/**
 * Where the camera stands and what is on it. The arc is measured round the sitter's mark from the set's front,
 * positive towards +x; the distance is horizontal, from the mark to the entrance pupil.
 */
export const cameraSchema = z.strictObject({
  sensor: z.enum(SENSOR_IDS),
  focalLengthMm: ranged('focalLengthMm'),
  distanceM: ranged('distanceM'),
  heightM: ranged('heightM'),
  arcDeg: ranged('arcDeg'),
  apertureF: ranged('apertureF'),
  orientation: z.enum(['upright', 'landscape']),
  /** Level keeps verticals upright; aimed tilts so that the frame's centre is at a height over the mark. */
  aim: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('level') }),
    z.strictObject({ kind: z.literal('aimed'), heightM: z.number().min(AIM_RANGE.min).max(AIM_RANGE.max) }),
  ]),
  /** Turned aside past the mark; turned round its own axis, as the one behind it sees it. */
  panDeg: turn('panDeg'),
  rollDeg: turn('rollDeg'),
});

export type Camera = z.infer<typeof cameraSchema>;

/** Sides of the frame as held, millimetres. */
export function frameMm(camera: Pick<Camera, 'sensor' | 'orientation'>): {
  widthMm: number;
  heightMm: number;
} {
  const s = SENSOR_FORMATS[camera.sensor];
  return camera.orientation === 'upright'
    ? { widthMm: s.shortMm, heightMm: s.longMm }
    : { widthMm: s.longMm, heightMm: s.shortMm };
}

/** Width over height of the frame as held. */
export function frameAspect(camera: Pick<Camera, 'sensor' | 'orientation'>): number {
  const { widthMm, heightMm } = frameMm(camera);
  return widthMm / heightMm;
}

/** Full angle under which a sensor side is seen at infinity, degrees: 2 atan(side / 2f). */
export function angleOfViewDeg(sideMm: number, focalLengthMm: number): number {
  return degrees(2 * Math.atan(sideMm / (2 * focalLengthMm)));
}

/** A camera placed in the set: eye point, axes, and scale. */
export interface View {
  /** Entrance pupil, metres. */
  eye: Vec3;
  /** Unit axes: to the right of the picture, up in the picture, into the scene. */
  right: Vec3;
  up: Vec3;
  forward: Vec3;
  /** Half the frame over the focal length, across and up. */
  tanHalfWidth: number;
  tanHalfHeight: number;
}

/** Places the camera. Pin-hole model: the frame is focused at infinity, without breathing. */
export function viewOf(camera: Camera): View {
  const arc = radians(camera.arcDeg);
  const eye: Vec3 = [Math.sin(arc) * camera.distanceM, camera.heightM, Math.cos(arc) * camera.distanceM];
  const drop = camera.aim.kind === 'aimed' ? camera.aim.heightM - camera.heightM : 0;
  const tilt = Math.atan2(drop, camera.distanceM);
  const heading = arc - radians(camera.panDeg ?? 0);
  const [s, c] = [Math.sin(heading), Math.cos(heading)];
  const forward: Vec3 = [-s * Math.cos(tilt), Math.sin(tilt), -c * Math.cos(tilt)];
  const level: Vec3 = [c, 0, -s];
  const upright: Vec3 = [s * Math.sin(tilt), Math.cos(tilt), c * Math.sin(tilt)];
  const roll = radians(camera.rollDeg ?? 0);
  const turned = (a: Vec3, b: Vec3, sign: 1 | -1): Vec3 =>
    add(add([0, 0, 0], a, Math.cos(roll)), b, sign * Math.sin(roll));
  const right = turned(level, upright, -1);
  const up = turned(upright, level, 1);
  const { widthMm, heightMm } = frameMm(camera);
  return {
    eye,
    right,
    up,
    forward,
    tanHalfWidth: widthMm / (2 * camera.focalLengthMm),
    tanHalfHeight: heightMm / (2 * camera.focalLengthMm),
  };
}

/** A square view from a point towards another; verticals stay upright in it. */
export function viewTowards(eye: Vec3, target: Vec3, tanHalf: number): View {
  const d: Vec3 = [target[0] - eye[0], target[1] - eye[1], target[2] - eye[2]];
  const distance = Math.hypot(...d);
  const forward: Vec3 = [d[0] / distance, d[1] / distance, d[2] / distance];
  const flat = Math.hypot(forward[0], forward[2]) || 1e-9;
  const right: Vec3 = [-forward[2] / flat, 0, forward[0] / flat];
  const up: Vec3 = [
    right[1] * forward[2] - right[2] * forward[1],
    right[2] * forward[0] - right[0] * forward[2],
    right[0] * forward[1] - right[1] * forward[0],
  ];
  return { eye, right, up, forward, tanHalfWidth: tanHalf, tanHalfHeight: tanHalf };
}

/** A point in the picture: x right and y up from the centre in half-frames (-1 to 1), depth along the axis in metres. */
export interface Projected {
  x: number;
  y: number;
  depthM: number;
}

/** Projects a point of the set. Depth is not positive for points behind the lens. */
export function project(view: View, p: readonly number[]): Projected {
  const dx = p[0]! - view.eye[0];
  const dy = p[1]! - view.eye[1];
  const dz = p[2]! - view.eye[2];
  const depthM = dx * view.forward[0] + dy * view.forward[1] + dz * view.forward[2];
  return {
    x: (dx * view.right[0] + dy * view.right[1] + dz * view.right[2]) / (depthM * view.tanHalfWidth),
    y: (dx * view.up[0] + dy * view.up[1] + dz * view.up[2]) / (depthM * view.tanHalfHeight),
    depthM,
  };
}

/** Height and width of what the frame takes in at a distance, metres. */
export function coverageM(camera: Camera, distanceM: number): { widthM: number; heightM: number } {
  const { widthMm, heightMm } = frameMm(camera);
  return {
    widthM: (widthMm / camera.focalLengthMm) * distanceM,
    heightM: (heightMm / camera.focalLengthMm) * distanceM,
  };
}

/**
 * Distance at which a subject of `subjectM` fills `fillShare` of a frame side.
 * Thin lens: s = f (1 + subject / image).
 * @throws RangeError when a length is not positive or the fill is not in (0, 1].
 */
export function distanceForFramingM(
  subjectM: number,
  fillShare: number,
  sideMm: number,
  focalLengthMm: number,
): number {
  if (!(subjectM > 0)) throw new RangeError(`subjectM ${subjectM} must be above 0`);
  if (!(fillShare > 0 && fillShare <= 1)) throw new RangeError(`fillShare ${fillShare} must be in (0, 1]`);
  if (!(sideMm > 0 && focalLengthMm > 0))
    throw new RangeError(`sideMm ${sideMm} and focalLengthMm ${focalLengthMm} must be above 0`);
  const imageM = (sideMm * fillShare) / 1000;
  return (focalLengthMm / 1000) * (1 + subjectM / imageM);
}
