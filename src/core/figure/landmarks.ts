import { fieldNormal, heightsOf, jointIndex, leavingM, MIRRORED_JOINTS, weighing, type Body } from '../body';
import type { Landmark } from '../pose';
import { add, unit, radians, type Side, type Vec3 } from '../units';
import { fromJoint, turned, type Frames } from './frames';

/** A place on the dressed surface in the bind pose, with the joints that carry it. */
export interface BodyPlace {
  point: Vec3;
  normal: Vec3;
  /** Joint index and weight. */
  weights: [number, number][];
}

/** Height (share of stature) and azimuth (0 front, 90 the own side) at which a ray from the axis finds each place. */
const ON_TRUNK: Record<Exclude<Landmark, 'otherUpperArm'>, { height: number; azimuthDeg: number }> = {
  waistFront: { height: 0.612, azimuthDeg: 52 },
  waistSide: { height: 0.612, azimuthDeg: 82 },
  hipCrest: { height: 0.572, azimuthDeg: 78 },
  frontPocket: { height: 0.512, azimuthDeg: 62 },
};

const CLOTH_M = 0.0065;

/** Distance to the dressed trunk and upper legs in the bind pose, arms left out, metres. */
export function dressedTrunk(body: Body, x: number, y: number, z: number): number {
  const f = body.fields;
  let d = f.trunk(x, y, z);
  if (y < body.lengths.hipHeightM + 0.07 * body.lengths.frameM) d = Math.min(d, f.leg(Math.abs(x), y, z));
  return d - CLOTH_M;
}

const cache = new WeakMap<Body, Map<string, BodyPlace>>();

/** Finds a landmark for the hand of `side` on the bind surface; remembered per body. */
export function landmarkOf(body: Body, landmark: Landmark, side: Side): BodyPlace {
  let places = cache.get(body);
  if (!places) cache.set(body, (places = new Map()));
  const key = `${side}:${landmark}`;
  let place = places.get(key);
  if (!place) {
    // found on the left half of the body and mirrored, so that both sides agree to the last digit
    const found = landmark === 'otherUpperArm' ? onUpperArm(body) : onTrunk(body, landmark);
    const foundFor: Side = landmark === 'otherUpperArm' ? 'right' : 'left';
    place = side === foundFor ? found : mirrorPlace(found);
    places.set(key, place);
  }
  return place;
}

function mirrorPlace({ point, normal, weights }: BodyPlace): BodyPlace {
  return {
    point: [-point[0], point[1], point[2]],
    normal: [-normal[0], normal[1], normal[2]],
    weights: weights.map(([j, w]) => [MIRRORED_JOINTS[j]!, w]),
  };
}

function onTrunk(body: Body, landmark: keyof typeof ON_TRUNK): BodyPlace {
  const { height, azimuthDeg } = ON_TRUNK[landmark];
  const a = radians(azimuthDeg);
  const y = heightsOf(body.lengths)(height);
  const dir: Vec3 = [Math.sin(a), 0, Math.cos(a)];
  const distance = (r: number) => dressedTrunk(body, dir[0] * r, y, dir[2] * r);
  let low = 0;
  let high = 0.6;
  // the outermost crossing: march inwards from outside
  for (let r = 0.6; r > 0; r -= 0.01)
    if (distance(r) < 0) {
      low = r;
      high = r + 0.01;
      break;
    }
  const r = leavingM(distance, low, high);
  const point: Vec3 = [dir[0] * r, y, dir[2] * r];
  const normal = [0, 0, 0];
  fieldNormal((px, py, pz) => dressedTrunk(body, px, py, pz), point[0], point[1], point[2], 0.004, normal);
  const weigh = weighing(body.lengths, body.fields);
  const weights = landmark === 'frontPocket' ? weigh.legs(point) : weigh.upperBody(point);
  return { point, normal: unit(normal), weights: [...weights] };
}

/** Front of the left upper arm, a little above the elbow: where the right hand holds it. */
function onUpperArm(body: Body): BodyPlace {
  const along = body.lengths.upperArmM * 0.72;
  const shoulder = body.skeleton.bind[jointIndex('left:upperArm')]!;
  const elbow = body.skeleton.bind[jointIndex('left:elbow')]!;
  const axis = unit([elbow[0] - shoulder[0], elbow[1] - shoulder[1], elbow[2] - shoulder[2]]);
  const outward: Vec3 = [-axis[1], axis[0], 0];
  const a = radians(80);
  const normal = unit([outward[0] * Math.cos(a), outward[1] * Math.cos(a), Math.sin(a)]);
  const middle = add(shoulder, axis, along);
  const distance = (r: number) => {
    const p = add(middle, normal, r);
    return body.fields.arm(Math.abs(p[0]), p[1], p[2]);
  };
  const point = add(middle, normal, leavingM(distance, 0, 0.2));
  return { point, normal, weights: [[jointIndex('left:upperArm'), 1]] };
}

/** Point and normal of a place on the posed figure. */
export function placed(frames: Frames, body: Body, place: BodyPlace): { point: Vec3; normal: Vec3 } {
  let point: Vec3 = [0, 0, 0];
  let normal: Vec3 = [0, 0, 0];
  for (const [j, w] of place.weights) {
    const v = turned(fromJoint(body, j, place.point), frames.rotation[j]!);
    point = add(add(point, frames.position[j]!, w), v, w);
    normal = add(normal, turned(place.normal, frames.rotation[j]!), w);
  }
  return { point, normal: unit(normal) };
}
