import { bodyTarget, handRegion, type Contact, type HandRegion } from '../../pose';
import { add, cross, radians, sideSign, unit, type Quat, type Side, type Vec3 } from '../../units';
import { fromAxes, turned } from '../joints/frames';
import type { Target } from '../trunk/reach';

/** How a hand lies on its target. */
export interface Lie {
  region: HandRegion;
  /** Direction of the fingers in the tangent plane: 0 is down the part, positive forwards. */
  fingersForwardDeg: number;
  /** Any direction of the fingers is as good: what the wrist likes decides. */
  isFree: boolean;
  /** Hand off the surface; negative lets it into a pocket. */
  offM: number;
  /** Place of the palm that touches, hand lengths from the wrist. */
  palmAlong: number;
  /** Fingers are turned no further than this from that direction. */
  mostTurnDeg: number;
  /** Elbow carried back (+) or forward (-) of the side, degrees of swivel that cost nothing. */
  easySwivelDeg: number;
}

type SaidLie = Partial<Omit<Lie, 'region' | 'isFree'>>;

/** How palms lie on places that have a custom; elsewhere the wrist decides. */
const LIES: Record<string, SaidLie> = {
  waistFront: { fingersForwardDeg: 62, palmAlong: 0.42, easySwivelDeg: 55 },
  waistSide: { fingersForwardDeg: 50, palmAlong: 0.4, easySwivelDeg: 60 },
  hipCrest: { fingersForwardDeg: 38, palmAlong: 0.42, easySwivelDeg: 55 },
  frontPocket: { fingersForwardDeg: 4, offM: -0.036, palmAlong: 0.36, mostTurnDeg: 16, easySwivelDeg: 40 },
  backPocket: { fingersForwardDeg: 0, offM: -0.028, palmAlong: 0.36, mostTurnDeg: 20, easySwivelDeg: 75 },
  'other:upperArm': { fingersForwardDeg: 75, palmAlong: 0.5, easySwivelDeg: -30 },
  thighTop: { fingersForwardDeg: 24, easySwivelDeg: 25 },
  kneeTop: { fingersForwardDeg: 24, easySwivelDeg: 20 },
  kneeFront: { fingersForwardDeg: 8, easySwivelDeg: 15 },
  'other:thighTop': { fingersForwardDeg: 50, easySwivelDeg: 15 },
  'other:kneeTop': { fingersForwardDeg: 40, easySwivelDeg: 10 },
  armrest: { fingersForwardDeg: 0, easySwivelDeg: 40 },
  tableTop: { fingersForwardDeg: 25, easySwivelDeg: 20 },
  wheel: { fingersForwardDeg: 0, easySwivelDeg: 55 },
};

/** A hand that hovers reads as one that touches: a finger's breadth off, metres (common practice). */
const HOVER_M = 0.022;
const TOUCH_M = 0.009;
/** In a hollow the hand touches with its ends, metres. */
const HOLLOW_M = 0.026;
/** On what is flat and hard the ball of the thumb keeps the palm off, metres. */
const ON_SUPPORT_M = 0.011;

/** How the hand of a contact lies on its target. */
export function lieOn(contact: Contact): Lie {
  const region = handRegion(contact) ?? 'palm';
  // how palms lie on others has no custom: the arm comes from any side
  const said = region === 'palm' && !contact.of ? LIES[contact.to] : undefined;
  const hollow = contact.to === 'smallOfBack' ? HOLLOW_M : TOUCH_M;
  const usual = bodyTarget(contact.to) ? hollow : ON_SUPPORT_M;
  const offM = contact.kind === 'hover' ? HOVER_M : (said?.offM ?? usual);
  return {
    region,
    fingersForwardDeg: said?.fingersForwardDeg ?? 0,
    isFree: said?.fingersForwardDeg === undefined,
    mostTurnDeg: said?.mostTurnDeg ?? (said?.fingersForwardDeg === undefined ? 190 : 75),
    offM,
    palmAlong: said?.palmAlong ?? 0.45,
    easySwivelDeg: said?.easySwivelDeg ?? (bodyTarget(contact.to) ? 30 : 40),
  };
}

/**
 * The point of a left hand that touches, in hand lengths: x from the palm (-) to the back (+), y from the fingertips
 * (-1) to the wrist (0), z towards the thumb.
 */
function touchingPoint({ region, palmAlong }: Lie): Vec3 {
  switch (region) {
    case 'palm':
      return [-0.075, -palmAlong, 0];
    case 'handBack':
      return [0.06, -0.4, 0];
    case 'littleEdge':
      return [0, -0.4, -0.2];
    case 'thumbEdge':
      return [0, -0.3, 0.2];
    case 'fingertips':
      return [-0.06, -0.93, 0.02];
    case 'fist':
      return [0.045, -0.5, 0.02];
    case 'wrist':
      return [-0.1, -0.03, 0];
  }
}

/** Lean of the fingers into the surface that only their tips touch, degrees. */
const TIPS_DEG = 48;

/** Frame of a hand whose palm lies on a surface, fingers along it. */
export function handFrame(side: Side, normal: Vec3, fingers: Vec3): Quat {
  const sign = sideSign(side);
  const y: Vec3 = [-fingers[0], -fingers[1], -fingers[2]];
  const raw: Vec3 = [sign * normal[0], sign * normal[1], sign * normal[2]];
  const d = raw[0] * y[0] + raw[1] * y[1] + raw[2] * y[2];
  const x = unit(add(raw, y, -d));
  return fromAxes(x, y, cross(x, y));
}

/** Turns the surface's normal and the fingers' direction into the frame of the hand for the region that touches. */
function regionFrame(side: Side, region: HandRegion, normal: Vec3, fingers: Vec3): Quat {
  const sign = sideSign(side);
  const minus = (v: Vec3): Vec3 => [-v[0], -v[1], -v[2]];
  switch (region) {
    case 'palm':
    case 'wrist':
      return handFrame(side, normal, fingers);
    case 'handBack':
      return handFrame(side, minus(normal), fingers);
    case 'littleEdge':
    case 'thumbEdge': {
      const y = minus(fingers);
      const z = region === 'littleEdge' ? normal : minus(normal);
      return fromAxes(cross(y, z), y, z);
    }
    case 'fingertips': {
      const t = radians(TIPS_DEG);
      const down = add(add([0, 0, 0], fingers, Math.cos(t)), normal, -Math.sin(t));
      const back = add(add([0, 0, 0], normal, Math.cos(t)), fingers, Math.sin(t));
      return handFrame(side, back, down);
    }
    case 'fist': {
      // knuckles to the surface, the back of the hand where the fingers would point
      const x: Vec3 = [sign * fingers[0], sign * fingers[1], sign * fingers[2]];
      return fromAxes(x, normal, cross(x, normal));
    }
  }
}

/** A hand as it lies: its frame, and where that puts the wrist, metres. */
export interface LaidHand {
  wrist: Vec3;
  hand: Quat;
}

/** Lays a hand on its target. */
export function layHand(side: Side, lie: Lie, target: Target, fingers: Vec3, handM: number): LaidHand {
  const hand = regionFrame(side, lie.region, target.normal, fingers);
  const p = touchingPoint(lie);
  const local: Vec3 = [sideSign(side) * p[0] * handM, p[1] * handM, p[2] * handM];
  const touching = add(target.point, target.normal, lie.offM);
  return { wrist: add(touching, turned(local, hand), -1), hand };
}
