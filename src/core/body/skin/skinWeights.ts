import { clamp, smoothstep, type Side, type Vec3 } from '../../units';
import { armPlace, legPlace, type BodyFields } from '../fields/bodyField';
import { heightsOf, type Lengths } from '../bones/proportions';
import {
  FINGERS,
  fingerPoints,
  jointIndex,
  PHALANGES,
  TRUNK_HEIGHTS,
  type JointName,
} from '../bones/skeleton';

/** Weight of each joint on one point of the bind surface; sums to one. */
export type Weights = Map<number, number>;

/** Blend bands along the limbs, shares of stature: a joint bends over a longer stretch outside than in the crook. */
const FLEXOR_BAND = 0.016;
const EXTENSOR_BAND = 0.046;

function add(weights: Weights, joint: JointName, w: number): void {
  if (w <= 0) return;
  const i = jointIndex(joint);
  weights.set(i, (weights.get(i) ?? 0) + w);
}

/** Joints of the spine with the heights between which each takes over, metres. */
type SpineBands = [JointName, number, number][];

function spineBands(heightM: (share: number) => number): SpineBands {
  const h = TRUNK_HEIGHTS;
  const shares: SpineBands = [
    ['spineLow', h.spineLow - 0.03, h.spineLow + 0.028],
    ['spineMid', h.spineMid - 0.035, h.spineMid + 0.033],
    ['spineHigh', h.spineHigh - 0.036, h.spineHigh + 0.034],
    ['neck', h.neck - 0.012, h.neck + 0.022],
  ];
  return shares.map(([joint, low, high]) => [joint, heightM(low), heightM(high)]);
}

/** Weights along the spine at a height, for trunk, waistband and neckline alike. */
function spineWeights(weights: Weights, chain: SpineBands, y: number, amount: number): void {
  let rest = amount;
  for (let i = chain.length - 1; i >= 0; i--) {
    const [joint, low, high] = chain[i]!;
    const share = smoothstep(low, high, y);
    add(weights, joint, rest * share);
    rest *= 1 - share;
  }
  add(weights, 'pelvis', rest);
}

/** Splits `amount` between two bones over a joint whose half-way helper takes the middle. */
function bend(
  weights: Weights,
  upper: JointName,
  half: JointName,
  lower: JointName,
  t: number,
  amount: number,
): void {
  add(weights, upper, amount * (1 - t) * (1 - t));
  add(weights, half, amount * 2 * t * (1 - t));
  add(weights, lower, amount * t * t);
}

/** Weight functions of one body. Points are in the bind pose, metres. */
export interface Weighing {
  upperBody(p: Vec3): Weights;
  legs(p: Vec3): Weights;
  /** A skirt follows both thighs, and at its middle the mean of them. */
  skirt(p: Vec3): Weights;
  shoe(side: Side, p: Vec3): Weights;
  hand(side: Side, handPoint: Vec3): Weights;
  head(p: Vec3, headDistanceM: number, neckDistanceM: number): Weights;
}

/** Prepares the weight functions of one body. */
export function weighing(lengths: Lengths, fields: BodyFields): Weighing {
  const S = lengths.frameM;
  const heightM = heightsOf(lengths);
  const spine = spineBands(heightM);
  const [girdleFromY, girdleToY, trousersY, shirtY] = [0.745, 0.81, 0.55, 0.6].map(heightM) as [
    number,
    number,
    number,
    number,
  ];

  function armWeights(weights: Weights, side: Side, along: number, depth: number, amount: number): void {
    const elbow = lengths.upperArmM;
    const wrist = elbow + lengths.forearmM;
    const front = clamp(0.5 + depth / (0.04 * S), 0, 1);
    const band = (EXTENSOR_BAND + (FLEXOR_BAND - EXTENSOR_BAND) * front) * S;
    const t = smoothstep(elbow - band, elbow + band, along);
    const past = amount * t * t;
    const twist = smoothstep(elbow + 0.03 * S, wrist - 0.045 * S, along);
    const hand = smoothstep(wrist - 0.018 * S, wrist + 0.012 * S, along);
    add(weights, `${side}:upperArm`, amount * (1 - t) * (1 - t));
    add(weights, `${side}:elbow`, amount * 2 * t * (1 - t));
    add(weights, `${side}:hand`, past * hand);
    add(weights, `${side}:forearmTwist`, past * (1 - hand) * twist);
    add(weights, `${side}:forearm`, past * (1 - hand) * (1 - twist));
  }

  function upperBody(p: Vec3): Weights {
    const weights: Weights = new Map();
    const side: Side = p[0] >= 0 ? 'left' : 'right';
    const x = Math.abs(p[0]);
    const { along, depth } = armPlace(lengths, x, p[1], p[2]);
    const nearArm = smoothstep(
      -0.034 * S,
      0.026 * S,
      fields.trunkLoft.distance(p[1], p[0], p[2]) - fields.arm(x, p[1], p[2]),
    );
    const onArm = nearArm * smoothstep(-0.075 * S, 0.085 * S, along);
    armWeights(weights, side, along, depth, onArm);
    const rest = 1 - onArm;
    const girdle = 0.75 * rest * smoothstep(0.045 * S, 0.1 * S, x) * smoothstep(girdleFromY, girdleToY, p[1]);
    add(weights, `${side}:clavicle`, girdle);
    // below the waist the shirt moves exactly as the trousers under it
    const low = smoothstep(shirtY, trousersY, p[1]);
    const body = rest - girdle;
    spineWeights(weights, spine, p[1], body * (1 - low));
    if (low > 0)
      for (const [joint, w] of legs(p)) weights.set(joint, (weights.get(joint) ?? 0) + w * body * low);
    return weights;
  }

  function legs(p: Vec3): Weights {
    const weights: Weights = new Map();
    const left = smoothstep(-0.014 * S, 0.014 * S, p[0]);
    for (const side of ['left', 'right'] as const) {
      const share = side === 'left' ? left : 1 - left;
      if (share <= 0) continue;
      const x = side === 'left' ? p[0] : -p[0];
      const { along, depth } = legPlace(lengths, x, p[1], p[2]);
      const onLeg = share * smoothstep(-0.03 * S, 0.062 * S, along);
      const knee = lengths.thighM;
      const back = clamp(0.5 - depth / (0.05 * S), 0, 1);
      const band = (EXTENSOR_BAND + (FLEXOR_BAND - EXTENSOR_BAND) * back) * S;
      const t = smoothstep(knee - band, knee + band, along);
      bend(weights, `${side}:thigh`, `${side}:knee`, `${side}:shank`, t, onLeg);
      spineWeights(weights, spine, p[1], share - onLeg);
    }
    return weights;
  }

  function skirt(p: Vec3): Weights {
    const weights: Weights = new Map();
    const left = smoothstep(-0.075 * S, 0.075 * S, p[0]);
    for (const side of ['left', 'right'] as const) {
      const share = side === 'left' ? left : 1 - left;
      const { along } = legPlace(lengths, side === 'left' ? p[0] : -p[0], p[1], p[2]);
      const onLeg = share * smoothstep(-0.03 * S, 0.062 * S, along);
      add(weights, `${side}:thigh`, onLeg);
      spineWeights(weights, spine, p[1], share - onLeg);
    }
    return weights;
  }

  function shoe(side: Side, p: Vec3): Weights {
    const weights: Weights = new Map();
    const toes = smoothstep(0.062 * S, 0.09 * S, p[2]);
    add(weights, `${side}:toes`, toes);
    add(weights, `${side}:foot`, 1 - toes);
    return weights;
  }

  const chains = FINGERS.map((finger) => ({ finger, points: fingerPoints(finger) }));

  function hand(side: Side, q: Vec3): Weights {
    const weights: Weights = new Map();
    let best = Infinity;
    let finger = chains[0]!;
    let place = 0; // segments from the knuckle
    for (const chain of chains) {
      for (let i = 0; i < 3; i++) {
        const a = chain.points[i]!;
        const b = chain.points[i + 1]!;
        const bx = b[0] - a[0],
          by = b[1] - a[1],
          bz = b[2] - a[2];
        const raw =
          ((q[0] - a[0]) * bx + (q[1] - a[1]) * by + (q[2] - a[2]) * bz) / (bx * bx + by * by + bz * bz);
        const t = clamp(raw, 0, 1);
        const d = Math.hypot(q[0] - a[0] - t * bx, q[1] - a[1] - t * by, q[2] - a[2] - t * bz);
        if (d < best) {
          best = d;
          finger = chain;
          place = i + (i === 0 ? Math.min(raw, 1) : t);
        }
      }
    }
    const thumb = finger.finger === 'thumb';
    const onFinger = smoothstep(thumb ? -0.15 : -0.16, thumb ? 0.5 : 0.13, place);
    const second = smoothstep(0.84, 1.16, place);
    const third = smoothstep(1.8, 2.2, place);
    const names = PHALANGES.map((p): JointName => `${side}:${finger.finger}-${p}`);
    add(weights, `${side}:hand`, 1 - onFinger);
    add(weights, names[0]!, onFinger * (1 - second));
    add(weights, names[1]!, onFinger * second * (1 - third));
    add(weights, names[2]!, onFinger * second * third);
    return weights;
  }

  function head(p: Vec3, headDistanceM: number, neckDistanceM: number): Weights {
    const weights: Weights = new Map();
    const chin = lengths.chinHeightM;
    const nearHead = smoothstep(-0.03 * S, 0.012 * S, neckDistanceM - headDistanceM);
    const high = smoothstep(chin - 0.012 * S, chin + 0.04 * S, p[1]);
    const onHead = Math.max(nearHead * smoothstep(chin - 0.02 * S, chin + 0.01 * S, p[1]), high);
    add(weights, 'head', onHead);
    spineWeights(weights, spine, p[1], 1 - onHead);
    return weights;
  }

  return { upperBody, legs, skirt, shoe, hand, head };
}

/** Writes the four strongest weights of a point, normalised, into flat arrays at vertex `v`. */
export function storeWeights(weights: Weights, v: number, joints: Uint8Array, values: Float32Array): void {
  const sorted = [...weights]
    .filter(([, w]) => w > 1e-4)
    .sort((a, b) => b[1] - a[1] || a[0] - b[0])
    .slice(0, 4);
  const sum = sorted.reduce((s, [, w]) => s + w, 0);
  sorted.forEach(([joint, w], i) => {
    joints[v * 4 + i] = joint;
    values[v * 4 + i] = w / sum;
  });
}
