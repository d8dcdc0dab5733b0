import { radians, smoothstep, type Vec3 } from '../../../units';
import type { FaceMove } from '../../skin/expression';
import { valuesOf } from './headSkin';
import moveData from './cageMoves.json';
import type { PointName } from './cage';

/** A head whose face is moved: places of the left half and the centre of the left eye, head coordinates. */
export interface MovedHead {
  places: ReadonlyMap<PointName, Vec3>;
  eye: Vec3;
}

/** Shift of a place of the left half by a full move, head heights. */
type PointMove = (name: PointName, p: Vec3, head: MovedHead) => readonly number[];

const STAYS = [0, 0, 0] as const;

/** What is written down by name. */
function named(shifts: Record<string, readonly number[]>): PointMove {
  return (name) => shifts[name] ?? STAYS;
}

/** Ring about the eye and number in it; null for a point of anything else. */
function ofEye(name: PointName): { ring: number; at: number } | null {
  const part = /^e([0-4])_(\d)$/.exec(name);
  return part ? { ring: Number(part[1]), at: Number(part[2]) } : null;
}
const isUpperLid = (at: number) => at > 0 && at < 5;
const isLowerLid = (at: number) => at > 5;

/** Slides a place over the eyeball: its height changes, its distance from the eye's centre does not. */
function slide(p: Vec3, eye: Vec3, upwards: number): Vec3 {
  const [dx, dy, dz] = [p[0] - eye[0], p[1] - eye[1], p[2] - eye[2]];
  const r2 = dx ** 2 + dy ** 2 + dz ** 2;
  const to = dy + upwards;
  return [0, upwards, Math.sqrt(Math.max(0, r2 - dx ** 2 - to ** 2)) - dz];
}

/** Height of the lower lid's edge below a place across the eye. */
function lowerEdge({ places }: MovedHead, x: number): number {
  const edge = [0, 9, 8, 7, 6, 5].map((at) => places.get(`e1_${at}`)!);
  const after = Math.max(
    1,
    edge.findIndex((p) => p[0] >= x),
  );
  const [a, b] = [edge[after - 1]!, edge[after]!];
  return a[1] + ((b[1] - a[1]) * (x - a[0])) / (b[0] - a[0]);
}

/** Share of the edge's way that each ring of the upper lid goes, from the hidden one outwards. */
const UPPER_LID_SHARE = [0.9, 1, 1, 0.52, 0.1] as const;
/** A lower lid comes up so far where both close, and where it is raised alone, head heights. */
const LOWER_LID = { closing: 0.003, raised: 0.0105 };
const LOWER_LID_SHARE = [1, 1, 1, 0.8, 0.4] as const;

function raiseLower(p: Vec3, { ring, at }: { ring: number; at: number }, eye: Vec3, by: number): Vec3 {
  return isLowerLid(at) ? slide(p, eye, by * LOWER_LID_SHARE[ring]!) : [0, 0, 0];
}

/** The jaw turns about the ears, so far where it is dropped. */
const JAW = { y: 0.42, z: 0, deg: 8 };

/** Share of the jaw's turn that a place takes: lips by name, the rest by how far below the corner of the mouth it lies. */
function jawShare(name: PointName, p: Vec3, { places }: MovedHead): number {
  if (/^u\d_/.test(name)) return 0;
  if (/^c\d$/.test(name)) return 0.42;
  if (/^l\d_/.test(name)) return name.endsWith('3') ? 0.72 : 1;
  const corner = places.get('c1')!;
  const half = 0.006 + 0.075 * smoothstep(0.07, 0.15, p[0]);
  return smoothstep(corner[1] + half, corner[1] - half, p[1]) * smoothstep(0.02, 0.24, p[2]);
}

/** How far the lids come together in a full smile, head heights: three tenths of the opening. */
const SMILING_LIDS = { upper: -0.003, lower: 0.0095 };

const MOVES: Record<FaceMove, PointMove> = {
  smile: (name, p, { eye }) => {
    const place = ofEye(name);
    if (!place || place.ring > 2 || !(isUpperLid(place.at) || isLowerLid(place.at)))
      return moveData.smile[name as keyof typeof moveData.smile] ?? STAYS;
    // a true smile narrows the eyes, more from below
    return slide(p, eye, isLowerLid(place.at) ? SMILING_LIDS.lower : SMILING_LIDS.upper);
  },
  lipsParted: named(moveData.lipsParted),
  browsRaised: named(moveData.browsRaised),
  lidsClosed: (name, p, head) => {
    const place = ofEye(name);
    if (!place) return STAYS;
    if (!isUpperLid(place.at)) return raiseLower(p, place, head.eye, LOWER_LID.closing);
    const edge = head.places.get(`e1_${place.at}`)!;
    const down = lowerEdge(head, edge[0]) + LOWER_LID.closing + 0.001 - edge[1];
    return slide(p, head.eye, down * UPPER_LID_SHARE[place.ring]!);
  },
  lowerLidsRaised: (name, p, { eye }) => {
    const place = ofEye(name);
    return place ? raiseLower(p, place, eye, LOWER_LID.raised) : STAYS;
  },
  jawLowered: (name, p, head) => {
    const a = radians(JAW.deg) * jawShare(name, p, head);
    const [dy, dz] = [p[1] - JAW.y, p[2] - JAW.z];
    return [0, dy * Math.cos(a) - dz * Math.sin(a) - dy, dy * Math.sin(a) + dz * Math.cos(a) - dz];
  },
};

/** Shifts of the control points by a full move, head heights. The skin is linear in its points, so it moves alike. */
export function moveShifts(move: FaceMove, head: MovedHead): Float64Array {
  return valuesOf((name) => MOVES[move](name, head.places.get(name)!, head), 3, true);
}
