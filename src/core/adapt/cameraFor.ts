import { project, viewOf, type Camera } from '../camera';
import type { FigurePoints } from '../figure';
import { seeShot, type StandIn } from '../picture';
import type { SoloShot } from '../shot';
import type { Room } from '../scene';
import { framed, roomForCameraM, type Framing, type Lens } from '../set';
import { degrees, midpoint, SIDES, type Vec3 } from '../units';

/** What the camera is to do for the sitter. */
export const CAMERA_GOALS = {
  proportions: 'true proportions',
  legs: 'longer legs',
  presence: 'more presence',
  approachable: 'more approachable',
  calm: 'a calm face',
} as const;
export type CameraGoal = keyof typeof CAMERA_GOALS;

/** What a camera does to the sitter as posed. */
export interface CameraMeasures {
  /** Legs from hip to ankle against the whole figure, as they are drawn. */
  legShare: number;
  /** The part that is drawn largest against its true share, from the picture. */
  largest: { part: string; enlargement: number };
  /** The lens over the eyes, seen from them, degrees; negative below. */
  aboveEyesDeg: number;
  /** How much larger the nose is drawn than the ears, share. */
  noseAgainstEars: number;
  faceDistanceM: number;
}

export interface CameraProposal {
  camera: Camera;
  lens: Lens;
  before: CameraMeasures;
  after: CameraMeasures;
}

/** From the tip of the nose back to the ears, metres (an average head; ANSUR from memory). */
const NOSE_TO_EAR_M = 0.12;
/** Parts larger than this stand out of any picture. */
const TOO_LARGE = 1.35;

/** What follows from where the places of the body are drawn, without a picture. */
function drawn(camera: Camera, points: FigurePoints): Omit<CameraMeasures, 'largest'> {
  const view = viewOf(camera);
  const y = (p: Vec3) => project(view, p).y;
  const eyes = midpoint(points.eyes.left, points.eyes.right);
  const ends = [y(points.crown), ...SIDES.map((s) => y(points.toes[s]))];
  const legs = Math.abs(
    y(midpoint(points.hips.left, points.hips.right)) - y(midpoint(points.ankles.left, points.ankles.right)),
  );
  const nose = project(view, points.nose).depthM;
  const flat = Math.hypot(view.eye[0] - eyes[0], view.eye[2] - eyes[2]);
  return {
    legShare: legs / Math.max(1e-6, Math.max(...ends) - Math.min(...ends)),
    aboveEyesDeg: degrees(Math.atan2(view.eye[1] - eyes[1], flat)),
    noseAgainstEars: ((nose + NOSE_TO_EAR_M) / nose) ** 2 - 1,
    faceDistanceM: nose,
  };
}

/** Measures a camera on the picture that it takes. */
export function cameraMeasures(standIn: StandIn, shot: SoloShot): CameraMeasures {
  const { readings, figure } = seeShot(standIn, shot);
  let largest = { part: 'face', enlargement: 1 };
  for (const [part, { enlargement }] of readings.shares)
    if (enlargement !== null && enlargement > largest.enlargement) largest = { part, enlargement };
  return { ...drawn(shot.camera, figure.points), largest };
}

/** How well a camera does what is wanted; more is better. The wanted numbers are the trade's (common practice). */
function score(goal: CameraGoal, m: CameraMeasures): number {
  const crowd = Math.max(0, Math.log(m.largest.enlargement / TOO_LARGE)) * 4;
  switch (goal) {
    case 'proportions':
      return -Math.log(m.largest.enlargement) - m.noseAgainstEars;
    case 'legs':
      return m.legShare * 6 - crowd;
    case 'presence':
      // from below the chin, not so far that the nostrils show, and near enough to be felt
      return -Math.abs(m.aboveEyesDeg + 9) / 9 - 0.15 * Math.log(m.faceDistanceM) - crowd;
    case 'approachable':
      return -Math.abs(m.aboveEyesDeg - 5) / 9 - 0.6 * Math.abs(Math.log(m.faceDistanceM / 2)) - crowd;
    case 'calm':
      return -6 * m.noseAgainstEars - Math.abs(m.aboveEyesDeg) / 12;
  }
}

/** Heights of the lens that are tried, metres. */
const HEIGHTS_M = [0.3, 0.5, 0.7, 0.9, 1.1, 1.25, 1.4, 1.55, 1.7, 1.85, 2];
/** Pictures that are taken of what promises most. */
const MOST_PICTURES = 6;

/**
 * Looks for lens, distance and height that do what is wanted, with a framing kept, within the room and the kit. All are
 * judged by where the body is drawn; of the best, pictures are taken.
 * @returns null when no lens of the kit holds the framing in this room.
 */
export function cameraFor(
  standIn: StandIn,
  shot: SoloShot,
  goal: CameraGoal,
  framing: Framing,
  room: Room,
  lenses: readonly Lens[],
): CameraProposal | null {
  const { points } = seeShot(standIn, shot).figure;
  const roomM = roomForCameraM(room, shot.camera.arcDeg);
  const candidates: { camera: Camera; lens: Lens; promise: number }[] = [];
  for (const lens of lenses) {
    const lengths = new Set([
      lens.shortestMm,
      Math.round((lens.shortestMm + lens.longestMm) / 2),
      lens.longestMm,
    ]);
    for (const focalLengthMm of lengths)
      for (const heightM of HEIGHTS_M) {
        const placed = framed(shot.camera, points, framing, focalLengthMm, heightM);
        if (!placed || placed.distanceM > roomM) continue;
        const measures = drawn(placed, points);
        if (measures.faceDistanceM < lens.closestM) continue;
        const camera = { ...placed, apertureF: Math.max(placed.apertureF, lens.widestF) };
        const guess = { ...measures, largest: { part: 'face', enlargement: 1 + measures.noseAgainstEars } };
        candidates.push({ camera, lens, promise: score(goal, guess) });
      }
  }
  candidates.sort((a, b) => b.promise - a.promise);
  const seen = candidates.slice(0, MOST_PICTURES).map(({ camera, lens }) => {
    const after = cameraMeasures(standIn, { ...shot, camera });
    return { camera, lens, after, score: score(goal, after) };
  });
  if (seen.length === 0) return null;
  const { camera, lens, after } = seen.reduce((a, b) => (b.score > a.score ? b : a));
  return { camera, lens, before: cameraMeasures(standIn, shot), after };
}
