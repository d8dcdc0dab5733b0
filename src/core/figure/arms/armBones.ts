import { BIND_ARM_DEG, type Body, jointIndex, jointOn } from '../../body';
import { add, cross, dot, unit, sideSign, type Quat, type Side, type Vec3 } from '../../units';
import { about, axesOf, between, chain, hang, type Frames } from '../joints/frames';
import type { Axes } from '../joints/turns';
import { wristBetween, type WristAngles } from './forearm';
import type { Target } from '../trunk/reach';

/** Angles of one solved arm, degrees, in the words of the settings. */
export interface ArmAngles {
  elbowBendDeg: number;
  wristBendDeg: number;
  /** Towards the little finger. */
  wristSideDeg: number;
  /** Turn of the hand against the upper arm's plane, palm forward positive. */
  forearmTurnDeg: number;
  /** How far a hand with a contact stays short of its place, metres. */
  gapM: number;
  /** Way round that was chosen for an arm with a contact. */
  choice: ArmChoice | null;
  /** How far the elbow is turned from where it was asked to be, where a contact leaves it no more room, degrees. */
  swivelOffDeg: number;
  /** From the place of a contact to where the wrist belongs when the hand lies on it, in the set, metres. */
  wristFromPlace: Vec3 | null;
  /** How far a free arm was carried out so that it does not run into the body, degrees. */
  pushedOutDeg: number;
}

/** The chosen way round of an arm with a contact. */
export interface ArmChoice {
  swivelDeg: number;
  /** Turn of the fingers in the surface against the target's own direction. */
  fingerDeg: number;
}

export function fromBind(side: Side): Quat {
  return about('z', -sideSign(side) * BIND_ARM_DEG);
}

/** Radius of the arm kept clear of the trunk, shares of stature, at the elbow and along the forearm. */
export const CLEAR_ELBOW = 0.02;

export const CLEAR_WRIST = 0.014;

/** Share of the forearm's turn taken by the twist joint half-way. */
const TWIST_SHARE = 0.55;

export function finishArm(
  frames: Frames,
  body: Body,
  side: Side,
  upper: Quat,
  lower: Quat,
  hand: Quat,
  twistDeg: number,
): void {
  const toBind = fromBind(side);
  const upperJoint = chain(upper, toBind);
  const lowerJoint = chain(lower, toBind);
  frames.rotation[jointIndex(jointOn(side, 'upperArm'))] = upperJoint;
  hang(frames, body, jointOn(side, 'elbow'), between(upperJoint, lowerJoint, 0.5));
  hang(frames, body, jointOn(side, 'forearm'), lowerJoint);
  hang(frames, body, jointOn(side, 'forearmTwist'), chain(lower, about('y', twistDeg * TWIST_SHARE), toBind));
  hang(frames, body, jointOn(side, 'hand'), chain(hand, toBind));
}

/** Wrist and forearm angles that take the forearm's frame to the hand's. */
export function wristAngles(side: Side, lower: Quat, hand: Quat): WristAngles {
  return wristBetween(side, turnedAxes(lower), turnedAxes(hand));
}

/** Axes of a frame in the set. */
export function turnedAxes(rotation: Quat): Axes {
  const { left, up, front } = axesOf(rotation);
  return [left, up, front];
}

/**
 * The tangents of a target, as the fingers of a side's hand are said against them: 0 is down the part, away from the
 * sitter on a support; positive is forwards on the outside of the body, inwards on its front, on a raised thigh and on
 * supports. It goes by the surface alone, so that it does not turn over while the body moves.
 */
export function fingerAxes(side: Side, { normal, down }: Target): [Vec3, Vec3] {
  const first = unit(add(down, normal, -dot(down, normal)));
  const across = cross(normal, first);
  const sign = -sideSign(side);
  return [first, [sign * across[0], sign * across[1], sign * across[2]]];
}
