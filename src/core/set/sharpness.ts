import { blurDiscMm, frameMm, project, SENSOR_FORMATS, viewOf, type Camera } from '../camera';
import type { FigurePoints } from '../figure';
import { SIDES, type Vec3 } from '../units';

/** How sharp one place of the body is. */
export interface Sharpness {
  words: string;
  /** From the plane of focus, towards the lens negative, metres. */
  offM: number;
  /** Diameter of the blur disc against the height of the picture, thousandths. */
  blurThousandths: number;
  isSharp: boolean;
}

/** The eye nearer to the lens. */
export function nearEye(camera: Camera, points: FigurePoints): { words: string; depthM: number } {
  const view = viewOf(camera);
  const [left, right] = SIDES.map((s) => project(view, points.eyes[s]).depthM) as [number, number];
  return left <= right ? { words: 'left eye', depthM: left } : { words: 'right eye', depthM: right };
}

function placesOf(points: FigurePoints): [string, Vec3][] {
  return [
    ...SIDES.map((s): [string, Vec3] => [`${s} eye`, points.eyes[s]]),
    ['nose', points.nose],
    ...SIDES.flatMap((s): [string, Vec3][] => [
      [`${s} shoulder`, points.shoulders[s]],
      [`${s} hand`, points.fingertips[s]],
      [`${s} knee`, points.knees[s]],
      [`${s} foot`, points.toes[s]],
    ]),
  ];
}

/** What is sharp with the near eye in focus: every place of the body in the frame, the most blurred first. */
export function sharpnessOf(camera: Camera, points: FigurePoints): Sharpness[] {
  const view = viewOf(camera);
  const focusM = nearEye(camera, points).depthM;
  const { heightMm } = frameMm(camera);
  const { circleOfConfusionMm } = SENSOR_FORMATS[camera.sensor];
  return placesOf(points)
    .map(([words, p]) => ({ words, ...project(view, p) }))
    .filter(({ x, y, depthM }) => depthM > 0 && Math.abs(x) <= 1 && Math.abs(y) <= 1)
    .map(({ words, depthM }) => {
      const blurMm = blurDiscMm(camera.focalLengthMm, camera.apertureF, focusM, depthM);
      return {
        words,
        offM: depthM - focusM,
        blurThousandths: (blurMm / heightMm) * 1000,
        isSharp: blurMm <= circleOfConfusionMm,
      };
    })
    .sort((a, b) => b.blurThousandths - a.blurThousandths);
}

/** What can be asked to be sharp together. */
export const HELD_SHARP = {
  eyes: { words: 'both eyes', of: (p: FigurePoints): Vec3[] => SIDES.map((s) => p.eyes[s]) },
  face: {
    words: 'nose to far eye',
    of: (p: FigurePoints): Vec3[] => [p.nose, ...SIDES.map((s) => p.eyes[s])],
  },
  handsAndFace: {
    words: 'face and hands',
    of: (p: FigurePoints): Vec3[] => [p.nose, ...SIDES.flatMap((s) => [p.eyes[s], p.fingertips[s]])],
  },
} as const;
export type HeldSharp = keyof typeof HELD_SHARP;

/**
 * Widest aperture (f-number) at which some points are all sharp with the near eye in focus: the blur disc of the worst
 * one is the circle of confusion. N = f^2 |d - s| / (c (s - f) d).
 */
export function apertureToHoldF(camera: Camera, points: FigurePoints, held: HeldSharp): number {
  const view = viewOf(camera);
  const focusM = nearEye(camera, points).depthM;
  const { circleOfConfusionMm } = SENSOR_FORMATS[camera.sensor];
  const discs = HELD_SHARP[held].of(points).map((p) => {
    const { depthM } = project(view, p);
    return depthM > 0 ? blurDiscMm(camera.focalLengthMm, 1, focusM, depthM) : 0;
  });
  return Math.max(...discs) / circleOfConfusionMm;
}

/**
 * Widest aperture (f-number) that holds a row of faces sharp, and the distance to focus at. Focused between the ends,
 * at the harmonic mean of their distances, both ends are equally blurred.
 * @param nearestM to the nearest face, metres from the lens.
 * @param rowM from the nearest face to the farthest along the axis, metres.
 * @throws RangeError when a length is not positive.
 */
export function rowOfFaces(
  camera: Camera,
  nearestM: number,
  rowM: number,
): { apertureF: number; focusM: number } {
  if (!(nearestM > 0)) throw new RangeError(`nearestM ${nearestM} must be above 0`);
  if (!(rowM > 0)) throw new RangeError(`rowM ${rowM} must be above 0`);
  const farthestM = nearestM + rowM;
  const focusM = (2 * nearestM * farthestM) / (nearestM + farthestM);
  const { circleOfConfusionMm } = SENSOR_FORMATS[camera.sensor];
  return { focusM, apertureF: blurDiscMm(camera.focalLengthMm, 1, focusM, nearestM) / circleOfConfusionMm };
}

/** Nose to eyes, metres: faces are never all in one plane (from memory). */
const FACE_DEPTH_M = 0.1;

/**
 * Widest aperture (f-number) that holds some faces sharp, and the distance to focus at, metres from the lens along its
 * axis; null where one of them is behind the lens.
 * @param faces middles of the faces, set frame, metres.
 */
export function facesHeld(
  camera: Camera,
  faces: readonly Vec3[],
): { apertureF: number; focusM: number } | null {
  const view = viewOf(camera);
  const depths = faces.map((p) => project(view, p).depthM);
  const nearestM = Math.min(...depths);
  if (!(nearestM > 0)) return null;
  return rowOfFaces(camera, nearestM, Math.max(...depths) - nearestM + FACE_DEPTH_M);
}

/** A lens that looks at the background by less than this, cosine, sees another wall behind the sitter. */
const LEAST_TOWARDS_BACKGROUND = 0.2;

/**
 * Blur disc of the background against the height of the picture, thousandths, with the near eye in focus; null where
 * the lens does not look at the background. Its distance is that along the axis of the lens.
 */
export function backgroundBlurThousandths(
  camera: Camera,
  points: FigurePoints,
  backgroundM: number,
): number | null {
  const { eye, forward } = viewOf(camera);
  // the background is a plane across the set: along it, or away from it, the lens sees none of it
  if (forward[2] > -LEAST_TOWARDS_BACKGROUND) return null;
  const focusM = nearEye(camera, points).depthM;
  const blurMm = blurDiscMm(
    camera.focalLengthMm,
    camera.apertureF,
    focusM,
    (eye[2] + backgroundM) / -forward[2],
  );
  return (blurMm / frameMm(camera).heightMm) * 1000;
}
