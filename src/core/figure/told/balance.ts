import { jointIndex, type JointName, jointOn } from '../../body';
import {
  bodyTarget,
  contactPart,
  contactSide,
  type Contact,
  type ContactPartName,
  isLying,
  legModes,
} from '../../pose';
import { add, SIDES, subtract, type Side, type Vec3 } from '../../units';
import { polygonContains, polygonHull } from 'd3-polygon';
import { isPropped, standsFree, supportDistance, type Carriage, SEAT_HALF_SHARE } from '../carriage';
import { at, rotationOf, turned, type Frames } from '../joints/frames';
import type { PlacedLeg } from '../legs/legBones';
import { balanceTarget, centreOfMass, withCarried, type Burden } from '../trunk/mass';
import { pressurePoint, type Foot } from '../legs/stance';

/** What kind of part bears: legs, the seat, the trunk that lies, or a part that leans on something. */
export type Bearing = 'foot' | 'knee' | 'leg' | 'seat' | 'upperBody' | 'leant';

/** A part that bears: of its kind, or what leans on something. */
export type BearingPart = Exclude<Bearing, 'leant'> | ContactPartName;

/** What bears the sitter: a part of the body, its share of the weight, and where it presses. */
export interface Load {
  /** What kind of part it is. */
  bears: Bearing;
  /** Which part, and of which side; null of one there is one of. */
  part: BearingPart;
  side: Side | null;
  share: number;
  pointM: Vec3;
}

/** How safely the figure is carried. */
export interface Balance {
  /** With those whom it carries. */
  centreOfMassM: Vec3;
  /** Distance on the floor between the centre of mass and where the asked weight share puts it, metres; 0 unless standing. */
  errorM: number;
  /** Share of what both feet carry that the left one does. */
  leftShare: number;
  /** Least distance from the centre of mass to the edge of the polygon of support, metres; negative outside. */
  marginM: number;
  isStable: boolean;
  loads: Load[];
}

/**
 * Measures balance on the placed figure.
 * @param burdens those whom it carries, whose weight counts as its own.
 */
export function measureBalance(
  frames: Frames,
  carriage: Carriage,
  legs: Record<Side, PlacedLeg>,
  feet: Record<Side, Foot>,
  burdens: readonly Burden[] = [],
): Balance {
  const { body, pose } = carriage;
  const com = withCarried(centreOfMass(frames, body), body, burdens);
  const groups = bearing(frames, carriage, legs);
  const corners = [...groups.flatMap((g) => g.corners), ...steadying(frames, carriage)].map(
    (p): [number, number] => [p[0], p[2]],
  );
  const marginM = marginIn(hullOf(corners), [com[0], com[2]]);
  const loads = shareOut(groups, com);
  // who is carried is held by whoever carries
  const isStable = marginM > 0 || carriage.isCarried;
  if (!standsFree(carriage)) {
    const of = (side: Side) => loads.find((l) => l.bears === 'foot' && l.side === side)?.share ?? 0;
    const both = of('left') + of('right');
    return {
      centreOfMassM: com,
      errorM: 0,
      leftShare: both > 0 ? of('left') / both : 0.5,
      marginM,
      isStable,
      loads,
    };
  }
  const target = balanceTarget(pose, feet);
  const left = pressurePoint(feet.left);
  const right = pressurePoint(feet.right);
  const across = [left[0] - right[0], left[2] - right[2]] as const;
  const span = across[0] ** 2 + across[1] ** 2;
  const leftShare = ((com[0] - right[0]) * across[0] + (com[2] - right[2]) * across[1]) / span;
  const errorM = isPropped(carriage) ? 0 : Math.hypot(com[0] - target[0], com[2] - target[2]);
  return { centreOfMassM: com, errorM, leftShare, marginM, isStable, loads };
}

/** Shares of the thigh from hip to knee at which it is looked for on the seat. */
const ALONG_THIGH = [0.15, 0.3, 0.45, 0.6] as const;
/** A thigh's middle lies on a seat that is nearer than this, share of the frame. */
const THIGH_ON_SEAT_SHARE = 0.055;

/** Where a thigh lies on what is sat on: the whole of it bears, not the seat bones alone. */
function underThigh(frames: Frames, carriage: Carriage, side: Side): Vec3[] {
  if (!carriage.seat) return [];
  const hip = frames.position[jointIndex(jointOn(side, 'thigh'))]!;
  const knee = frames.position[jointIndex(jointOn(side, 'shank'))]!;
  const nearM = THIGH_ON_SEAT_SHARE * carriage.body.lengths.frameM;
  return ALONG_THIGH.map((share) => add(hip, subtract(knee, hip), share)).filter(
    (p) => supportDistance(carriage, p) < nearM,
  );
}

interface Group extends Pick<Load, 'bears' | 'part' | 'side'> {
  corners: Vec3[];
}

/** Everything that bears: feet that stand, knees, the seat, the back and hands or elbows that lean. */
function bearing(frames: Frames, carriage: Carriage, legs: Record<Side, PlacedLeg>): Group[] {
  const { body, pose } = carriage;
  const groups: Group[] = [];
  const modes = legModes(pose);
  const S = body.lengths.frameM;
  for (const side of SIDES) {
    if (Number.isFinite(body.limbEnds.leg[side])) continue;
    const { foot, middle } = legs[side];
    if (foot.sole.length > 0) groups.push({ bears: 'foot', part: 'foot', side, corners: foot.sole });
    if (modes[side] === 'kneels')
      groups.push({ bears: 'knee', part: 'knee', side, corners: [middle, foot.toe] });
    if (modes[side] === 'lies') groups.push({ bears: 'leg', part: 'leg', side, corners: [foot.ankle] });
  }
  const pelvis = frames.position[jointIndex('pelvis')]!;
  const lying = isLying(pose.support);
  if (carriage.seat || pose.support === 'floor' || pose.support === 'kneelLow' || lying) {
    const half = SEAT_HALF_SHARE * S;
    const corners = [
      [half, half],
      [half, -half],
      [-half, -half],
      [-half, half],
    ].map(([x, z]) => add(pelvis, turned([x!, 0, z!], carriage.yaw)));
    for (const side of SIDES) corners.push(...underThigh(frames, carriage, side));
    groups.push({ bears: 'seat', part: 'seat', side: null, corners });
  }
  const chestDown = Math.abs(turned([0, 1, 0], rotationOf(frames, 'spineHigh'))[1]) < 0.5;
  if (lying && chestDown)
    groups.push({
      bears: 'upperBody',
      part: 'upperBody',
      side: null,
      corners: (['left:upperArm', 'right:upperArm', 'spineHigh'] as JointName[]).map(
        (j) => frames.position[jointIndex(j)]!,
      ),
    });
  for (const contact of pose.contacts) {
    if (contact.kind !== 'lean') continue;
    const [part, side] = [contactPart(contact), contactSide(contact)];
    groups.push({ bears: 'leant', part, side, corners: [partAt(frames, contact)] });
  }
  return groups;
}

/** Where the part of a contact is. */
function partAt(frames: Frames, contact: Contact): Vec3 {
  const side = contactSide(contact);
  const part = contactPart(contact);
  if (part === 'back' || !side) return at(frames, 'spineHigh');
  if (part === 'shoulder') return at(frames, jointOn(side, 'upperArm'));
  return at(
    frames,
    part === 'elbow' || part === 'forearm' ? jointOn(side, 'forearm') : jointOn(side, 'hand'),
  );
}

/** What rests on a support or on the floor bears next to nothing, but keeps one from falling that way. */
function steadying(frames: Frames, { pose }: Carriage): Vec3[] {
  return pose.contacts
    .filter(
      (c) =>
        c.kind !== 'hover' && c.kind !== 'touch' && !c.of && !bodyTarget(c.to) && contactPart(c) !== 'foot',
    )
    .map((c) => partAt(frames, c));
}

const SHARE_ROUNDS = 400;
/** Shares that move by less in a round have come to rest. */
const AT_REST = 1e-10;

const SHARE_RATE = 0.4;

/**
 * Shares the weight out over what bears it: the least uneven shares, none negative, whose centre of pressure comes
 * nearest to the centre of mass (projected gradient on the simplex).
 */
function shareOut(groups: readonly Group[], com: Vec3): Load[] {
  const points = groups.map(({ corners }) => {
    const sum = corners.reduce<Vec3>((s, p) => add(s, p), [0, 0, 0]);
    return sum.map((v) => v / corners.length) as Vec3;
  });
  const n = points.length;
  if (n === 0) return [];
  const spread = Math.max(0.05, ...points.map((p) => Math.hypot(p[0] - com[0], p[2] - com[2])));
  let shares = points.map(() => 1 / n);
  for (let round = 0; round < SHARE_ROUNDS; round++) {
    let ex = 0;
    let ez = 0;
    points.forEach((p, i) => {
      ex += (shares[i]! * (p[0] - com[0])) / spread;
      ez += (shares[i]! * (p[2] - com[2])) / spread;
    });
    const next = ontoSimplex(
      points.map((p, i) => {
        const slope = (ex * (p[0] - com[0]) + ez * (p[2] - com[2])) / spread + 0.01 * shares[i]!;
        return shares[i]! - (SHARE_RATE / n) * slope * 2;
      }),
    );
    const moved = Math.max(...next.map((share, i) => Math.abs(share - shares[i]!)));
    shares = next;
    if (moved < AT_REST) break;
  }
  return groups.map(({ corners: _, ...group }, i) => ({ ...group, share: shares[i]!, pointM: points[i]! }));
}

/** Nearest point whose coordinates are not negative and sum to one. */
function ontoSimplex(values: readonly number[]): number[] {
  const sorted = [...values].sort((a, b) => b - a);
  let sum = 0;
  let level = 0;
  sorted.forEach((v, i) => {
    sum += v;
    const t = (sum - 1) / (i + 1);
    if (v - t > 0) level = t;
  });
  return values.map((v) => Math.max(0, v - level));
}

function hullOf(points: [number, number][]): [number, number][] {
  return polygonHull(points) ?? [];
}

function marginIn(hull: [number, number][], p: [number, number]): number {
  if (hull.length < 3) return -Infinity;
  let least = Infinity;
  for (let i = 0; i < hull.length; i++) {
    const a = hull[i]!;
    const b = hull[(i + 1) % hull.length]!;
    const bx = b[0] - a[0],
      by = b[1] - a[1];
    const t = Math.max(0, Math.min(1, ((p[0] - a[0]) * bx + (p[1] - a[1]) * by) / (bx * bx + by * by || 1)));
    least = Math.min(least, Math.hypot(p[0] - a[0] - t * bx, p[1] - a[1] - t * by));
  }
  return polygonContains(hull, p) ? least : -least;
}
