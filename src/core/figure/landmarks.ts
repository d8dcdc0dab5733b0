import {
  bindArmDirection,
  bindLegDirection,
  fieldNormal,
  handToBind,
  headCharacter,
  headShape,
  headToBind,
  heightsOf,
  jointIndex,
  leavingM,
  MIRRORED_JOINTS,
  weighing,
  type Body,
} from '../body';
import { isSided, type BodyPlaceName, type MidlinePlace, type SidePlace } from '../pose';
import { add, dot, radians, unit, type Side, type Vec3 } from '../units';
import { fromJoint, turned, type Frames } from './joints/frames';

/** A place on the dressed surface in the bind pose, with the joints that carry it. */
export interface BodyPlace {
  point: Vec3;
  normal: Vec3;
  /** Along the surface, away from the head or from the root of the limb. */
  down: Vec3;
  /** Joint index and weight. */
  weights: [number, number][];
}

/**
 * Where a ray finds a place. Trunk and neck: height as a share of the frame, azimuth from the front (0) to the own
 * side (90). Limbs: how far along (1 is elbow or knee, 2 wrist or ankle), azimuth in the same sense. Head: from a
 * point in head heights along a direction.
 */
type Finder =
  | { on: 'trunk' | 'neck'; height: number; azimuthDeg: number }
  | { on: 'arm' | 'leg'; along: number; azimuthDeg: number }
  | { on: 'head'; from: Vec3; towards: Vec3 }
  | { on: 'hand'; at: Vec3; normal: Vec3 };

const trunk = (height: number, azimuthDeg: number): Finder => ({ on: 'trunk', height, azimuthDeg });
const neck = (height: number, azimuthDeg: number): Finder => ({ on: 'neck', height, azimuthDeg });
const arm = (along: number, azimuthDeg: number): Finder => ({ on: 'arm', along, azimuthDeg });
const leg = (along: number, azimuthDeg: number): Finder => ({ on: 'leg', along, azimuthDeg });
const head = (from: Vec3, towards: Vec3): Finder => ({ on: 'head', from, towards });

const FINDERS: Record<SidePlace | MidlinePlace, Finder> = {
  waistFront: trunk(0.612, 52),
  waistSide: trunk(0.612, 82),
  waistBack: trunk(0.608, 140),
  hipCrest: trunk(0.572, 78),
  seatBack: trunk(0.52, 152),
  frontPocket: trunk(0.512, 62),
  backPocket: trunk(0.53, 155),
  thighTop: leg(0.55, 0),
  thighOuter: leg(0.5, 85),
  thighInner: leg(0.62, -80),
  kneeTop: leg(0.9, 0),
  kneeFront: leg(1, 0),
  kneeOuter: leg(1, 85),
  shin: leg(1.45, 0),
  calf: leg(1.35, 180),
  ankle: leg(1.93, 70),
  upperArm: arm(0.72, 80),
  upperArmBack: arm(0.7, 170),
  elbow: arm(1, 180),
  elbowCrook: arm(1, 0),
  forearm: arm(1.45, 60),
  wrist: arm(1.95, 80),
  cuff: arm(1.88, -10),
  handBack: { on: 'hand', at: [0.06, -0.32, 0], normal: [1, 0, 0] },
  collarbone: trunk(0.806, 42),
  chest: trunk(0.735, 34),
  lapel: trunk(0.72, 18),
  ribs: trunk(0.67, 70),
  shoulder: arm(0.12, 62),
  shoulderBack: trunk(0.775, 142),
  neckSide: neck(0.85, 90),
  jaw: head([0, 0.2, 0.05], [0.75, -0.35, 0.35]),
  cheek: head([0, 0.32, 0.1], [0.8, 0, 0.62]),
  temple: head([0, 0.6, 0.1], [1, 0, 0.25]),
  ear: head([0, 0.46, -0.02], [1, 0, -0.05]),
  hairSide: head([0, 0.75, 0], [1, 0.25, 0]),
  belly: trunk(0.59, 0),
  belt: trunk(0.575, 0),
  hem: trunk(0.53, 20),
  smallOfBack: trunk(0.6, 180),
  breastbone: trunk(0.745, 0),
  collar: trunk(0.808, 10),
  nape: neck(0.86, 180),
  chin: head([0, 0.12, 0.05], [0, -0.12, 1]),
  underChin: head([0, 0.2, 0.2], [0, -1, 0.1]),
  lips: head([0, 0.22, 0.1], [0, 0, 1]),
  forehead: head([0, 0.7, 0.05], [0, 0.1, 1]),
  crown: head([0, 0.7, 0], [0, 1, 0]),
  hairBack: head([0, 0.6, 0], [0, 0, -1]),
};

/** What is worn stands this far off the skin, metres. */
export const CLOTH_M = 0.0065;

/** Distance to the dressed trunk and upper legs in the bind pose, arms left out, metres. */
export function dressedTrunk(body: Body, x: number, y: number, z: number): number {
  const f = body.fields;
  let d = f.trunk(x, y, z);
  if (y < body.lengths.hipHeightM + 0.07 * body.lengths.frameM) d = Math.min(d, f.leg(Math.abs(x), y, z));
  return d - CLOTH_M;
}

const cache = new WeakMap<Body, Map<string, BodyPlace>>();

/**
 * Finds a place of the body on the bind surface, the left one of a pair for `left`; remembered per body. Sides agree
 * to the last digit: the left one is found and mirrored.
 */
export function landmarkOf(body: Body, name: BodyPlaceName, side: Side): BodyPlace {
  let places = cache.get(body);
  if (!places) cache.set(body, (places = new Map()));
  const ofRight = isSided(name) && side === 'right';
  const key = ofRight ? `right:${name}` : name;
  let place = places.get(key);
  if (!place) {
    place = ofRight ? mirrorPlace(landmarkOf(body, name, 'left')) : find(body, FINDERS[name]);
    places.set(key, place);
  }
  return place;
}

function mirrorPlace({ point, normal, down, weights }: BodyPlace): BodyPlace {
  return {
    point: [-point[0], point[1], point[2]],
    normal: [-normal[0], normal[1], normal[2]],
    down: [-down[0], down[1], down[2]],
    weights: weights.map(([j, w]) => [MIRRORED_JOINTS[j]!, w]),
  };
}

/** The outermost crossing of a ray with a surface: marched inwards from outside, then bisected. */
function outermost(distance: (r: number) => number, farM: number): number {
  const step = farM / 60;
  let r = farM;
  while (r > 0 && distance(r) >= 0) r -= step;
  return leavingM(distance, Math.max(0, r), r + step);
}

function find(body: Body, finder: Finder): BodyPlace {
  switch (finder.on) {
    case 'trunk':
    case 'neck':
      return onAxis(body, finder.on, finder.height, finder.azimuthDeg);
    case 'arm':
    case 'leg':
      return onLimb(body, finder.on, finder.along, finder.azimuthDeg);
    case 'head':
      return onHead(body, finder.from, finder.towards);
    case 'hand': {
      const at = handToBind(body.lengths, 'left', finder.at);
      const from = handToBind(body.lengths, 'left', [0, finder.at[1], finder.at[2]]);
      const normal = unit([at[0] - from[0], at[1] - from[1], at[2] - from[2]]);
      return { point: at, normal, down: bindArmDirection('left'), weights: [[jointIndex('left:hand'), 1]] };
    }
  }
}

/** A place of the trunk: height as a share of the frame, azimuth from the front to the own left, degrees. */
export function placeOnTrunk(body: Body, height: number, azimuthDeg: number): BodyPlace {
  return onAxis(body, 'trunk', height, azimuthDeg);
}

/** A place of a leg: how far along (1 is the knee), azimuth from the front to the own side, degrees. */
export function placeOnLeg(body: Body, side: Side, along: number, azimuthDeg: number): BodyPlace {
  const left = onLimb(body, 'leg', along, azimuthDeg);
  return side === 'left' ? left : mirrorPlace(left);
}

const DOWN: Vec3 = [0, -1, 0];

function tangent(direction: Vec3, normal: Vec3): Vec3 {
  return unit(add(direction, normal, -dot(direction, normal)));
}

function onAxis(body: Body, on: 'trunk' | 'neck', height: number, azimuthDeg: number): BodyPlace {
  const { fields, lengths } = body;
  const a = radians(azimuthDeg);
  const y = heightsOf(lengths)(height);
  const dir: Vec3 = [Math.sin(a), 0, Math.cos(a)];
  const field = (x: number, py: number, z: number) =>
    on === 'trunk' ? dressedTrunk(body, x, py, z) : fields.neck(x, py, z);
  const r = outermost((m) => field(dir[0] * m, y, dir[2] * m), 0.6);
  const point: Vec3 = [dir[0] * r, y, dir[2] * r];
  const normal: Vec3 = [0, 0, 0];
  fieldNormal(field, point[0], point[1], point[2], 0.004, normal);
  const weigh = weighing(lengths, fields);
  const weights = height < 0.54 ? weigh.legs(point) : weigh.upperBody(point);
  const n = unit(normal);
  return { point, normal: n, down: tangent(DOWN, n), weights: [...weights] };
}

function onLimb(body: Body, on: 'arm' | 'leg', along: number, azimuthDeg: number): BodyPlace {
  const { lengths, fields } = body;
  const [upperM, lowerM, root, dir] =
    on === 'arm'
      ? [lengths.upperArmM, lengths.forearmM, 'left:upperArm' as const, bindArmDirection('left')]
      : [lengths.thighM, lengths.shankM, 'left:thigh' as const, bindLegDirection('left')];
  const place = along < 1 ? along * upperM : upperM + (along - 1) * lowerM;
  const from = add(body.skeleton.bind[jointIndex(root)]!, dir, place);
  const across: Vec3 = [-dir[1], dir[0], 0];
  const a = radians(azimuthDeg);
  const out = unit([across[0] * Math.sin(a), across[1] * Math.sin(a), Math.cos(a)]);
  const field = on === 'arm' ? fields.arm : fields.leg;
  const r = outermost((m) => field(from[0] + out[0] * m, from[1] + out[1] * m, from[2] + out[2] * m), 0.25);
  const point = add(from, out, r + CLOTH_M);
  const weigh = weighing(lengths, fields);
  const weights = on === 'arm' ? weigh.upperBody(point) : weigh.legs(point);
  return { point, normal: out, down: dir, weights: [...weights] };
}

function onHead(body: Body, from: Vec3, towards: Vec3): BodyPlace {
  const { skin } = headShape(headCharacter(body.profile));
  const d = unit(towards);
  const at = (m: number) => add(from, d, m);
  const r = outermost((m) => skin(...at(m)), 0.9);
  const p = at(r);
  const normal: Vec3 = [0, 0, 0];
  fieldNormal(skin, p[0], p[1], p[2], 0.02, normal);
  const n = unit(normal);
  const point = headToBind(body.lengths, p);
  return { point, normal: n, down: tangent(DOWN, n), weights: [[jointIndex('head'), 1]] };
}

/** Point, normal and tangent of a place on the posed figure. */
export function placed(
  frames: Frames,
  body: Body,
  place: BodyPlace,
): { point: Vec3; normal: Vec3; down: Vec3 } {
  let point: Vec3 = [0, 0, 0];
  let normal: Vec3 = [0, 0, 0];
  let down: Vec3 = [0, 0, 0];
  for (const [j, w] of place.weights) {
    const v = turned(fromJoint(body, j, place.point), frames.rotation[j]!);
    point = add(add(point, frames.position[j]!, w), v, w);
    normal = add(normal, turned(place.normal, frames.rotation[j]!), w);
    down = add(down, turned(place.down, frames.rotation[j]!), w);
  }
  const n = unit(normal);
  return { point, normal: n, down: tangent(down, n) };
}
