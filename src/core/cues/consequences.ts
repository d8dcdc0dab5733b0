import {
  contactPart,
  contactSide,
  handRegion,
  isLying,
  isOnFeet,
  isOnSeat,
  legModes,
  settingOf,
  sided,
  type Contact,
  type Pose,
} from '../pose';
import { clamp, otherSide, SIDES, turnBetweenDeg, type Side } from '../units';
import { isHandBehind } from './arms';
import type { Sentence } from './sentence';

/** A pose before and after a sentence. */
export interface Step {
  before: Pose;
  now: Pose;
  sentence: Sentence;
  /** Where the lens stands from the mark, degrees to the sitter's left. */
  lensDeg: number;
}

type Follows = (step: Step) => Pose['settings'] | null;

/** Direction of the shoulders, degrees to the sitter's left of the set's front. */
const shouldersDeg = (pose: Pose) => settingOf(pose, 'hipsTurnLeftDeg') + settingOf(pose, 'twistLeftDeg');

/** Contacts that a sentence lays. */
function laidBy({ sentence }: Step, test: (contact: Contact) => boolean): Contact[] {
  return (sentence.tells.contacts ?? []).filter(test);
}

const told = ({ sentence }: Step, id: string) => id in (sentence.tells.settings ?? {});
const isStance = ({ sentence }: Step) => sentence.keys.includes('stance');
const isUpright = ({ support }: Pose) => !isLying(support) && support !== 'allFours';

/** Share of the body's turn that the head takes back, and how far it goes, degrees: the eyes do the rest. */
const HEAD_BACK_SHARE = 0.65;
const HEAD_BACK_MOST_DEG = 62;

/** Elbow or forearm on the knee. */
function onKnee(contact: Contact): boolean {
  const part = contactPart(contact);
  return (part === 'elbow' || part === 'forearm') && contact.to === 'kneeTop';
}

/** A forearm on something. */
function forearmOn({ now }: Step, places: readonly Contact['to'][]): (contact: Contact) => boolean {
  const isProne = now.support === 'reclineFront';
  return (c) => {
    const isLimb = contactPart(c) === 'forearm' || (contactPart(c) === 'elbow' && c.to === 'tableEdge');
    return isLimb && places.includes(c.to) && (c.to !== 'floor' || isProne);
  };
}

/** Both feet flat, the weight in the middle. */
const BOTH_SOLES: Pose['settings'] = {
  leftWeightShare: 0.5,
  leftHeelLiftShare: 0,
  rightHeelLiftShare: 0,
  leftKneeBendDeg: 3,
  rightKneeBendDeg: 3,
};

/**
 * What a sitter does unasked when something is said. Amounts are those that hold over the poses of the house, taken with
 * their scatter from a study of them; what was told stays as it was told.
 */
export const CONSEQUENCES = {
  /** Eyes on the lens lead the head back when the body turns away. */
  eyesLeadHead: (step) => {
    const { before, now, lensDeg } = step;
    if (!isUpright(now) || (now.gaze.kind !== 'lens' && now.gaze.kind !== 'offLens')) return null;
    const isTurned = shouldersDeg(before) !== shouldersDeg(now);
    if (!isTurned && !isStance(step) && step.sentence.id !== 'shakeOut') return null;
    const awayDeg = turnBetweenDeg(lensDeg, shouldersDeg(now));
    return { headTurnLeftDeg: clamp(-HEAD_BACK_SHARE * awayDeg, -HEAD_BACK_MOST_DEG, HEAD_BACK_MOST_DEG) };
  },
  /** An arm is too short for the knee of one who sits upright. */
  elbowOnKnee: (step) => {
    const [first] = laidBy(step, onKnee);
    if (!first) return null;
    const kneels = !isOnSeat(step.now.support);
    const bends = Object.fromEntries(
      laidBy(step, onKnee).map((c) => [sided(contactSide(c)!, 'ElbowBendDeg'), 61]),
    );
    const all = { ...bends, hingeDeg: kneels ? 22 : 30, faceForwardCm: 2 };
    return kneels ? all : { ...all, seatDepthShare: Math.min(0.15, settingOf(step.now, 'seatDepthShare')) };
  },
  /** A foot on something high carries little. */
  footUp: (step) => {
    const [foot] = laidBy(step, (c) => contactPart(c) === 'foot');
    if (!foot || !isOnFeet(step.now.support)) return null;
    return { leftWeightShare: contactSide(foot) === 'left' ? 0.2 : 0.8 };
  },
  handBehind: (step) =>
    laidBy(step, isHandBehind).length > 0 && isUpright(step.now) ? { hingeDeg: -12 } : null,
  forearmsOnTable: (step) =>
    laidBy(step, forearmOn(step, ['tableEdge', 'tableTop'])).length > 0 ? { hingeDeg: 15 } : null,
  forearmsOnRail: (step) => (laidBy(step, forearmOn(step, ['rail'])).length > 0 ? { hingeDeg: 24 } : null),
  forearmsOnBackrest: (step) => {
    const both = laidBy(step, forearmOn(step, ['backTop'])).length > 1 || step.now.support === 'astride';
    return both && laidBy(step, forearmOn(step, ['backTop'])).length > 0 ? { hingeDeg: 16 } : null;
  },
  upOnForearms: (step) =>
    laidBy(step, forearmOn(step, ['floor'])).length > 0
      ? { hingeDeg: -18, lowerHollowDeg: 28, chinDownDeg: -15 }
      : null,
  /** On the front the heels go up. */
  heelsInAir: (step) =>
    isStance(step) && step.now.support === 'reclineFront'
      ? { leftKneeBendDeg: 86, rightKneeBendDeg: 106 }
      : null,
  /** On a side one is up on an elbow: the trunk bends, and the upper knee comes forward. */
  onASide: (step) => {
    const { support } = step.now;
    if (!isStance(step) || (support !== 'reclineLeft' && support !== 'reclineRight')) return null;
    const upper: Side = support === 'reclineLeft' ? 'right' : 'left';
    return {
      [sided(upper, 'LegForwardDeg')]: 42,
      [sided(upper, 'KneeBendDeg')]: 68,
      [sided(otherSide(upper), 'KneeBendDeg')]: 10,
      bendLeftDeg: upper === 'right' ? -12 : 12,
    };
  },
  /** Knees of one on the floor: pulled in where the foot stands, fallen out where it lies. */
  kneesOnFloor: (step) => {
    if (!isStance(step) || step.now.support !== 'floor') return null;
    const modes = legModes(step.now);
    const folded = SIDES.filter((s) => modes[s] === 'lies');
    const knees: Pose['settings'] = {};
    for (const side of SIDES) knees[sided(side, 'KneeBendDeg')] = modes[side] === 'stands' ? 108 : 104;
    const [only] = folded;
    if (folded.length === 1 && only) knees[sided(only, 'KneeInDeg')] = -74;
    return knees;
  },
  /** Who sits with the legs folded to one side. */
  foldedLegs: (step) => {
    if (step.sentence.id !== 'floor:folded' || !step.sentence.side) return null;
    const { side } = step.sentence;
    const other = otherSide(side);
    return {
      [sided(side, 'KneeInDeg')]: -74,
      [sided(side, 'KneeBendDeg')]: 116,
      [sided(side, 'LegOutDeg')]: 10,
      [sided(other, 'KneeInDeg')]: 70,
      [sided(other, 'KneeBendDeg')]: 112,
      [sided(other, 'LegOutDeg')]: 28,
    };
  },
  /** Who sits with the legs folded in front. */
  crossedLegs: (step) => {
    if (step.sentence.id !== 'floor:crossed') return null;
    const knees: Pose['settings'] = {};
    for (const side of SIDES) {
      knees[sided(side, 'KneeInDeg')] = -72;
      knees[sided(side, 'KneeBendDeg')] = 116;
      knees[sided(side, 'LegOutDeg')] = 8;
    }
    return knees;
  },
  longStep: (step) => {
    const ahead = settingOf(step.now, 'leftAheadFeet');
    if (!told(step, 'leftAheadFeet') || Math.abs(ahead) < 1.2) return null;
    const front: Side = ahead > 0 ? 'left' : 'right';
    const rear = otherSide(front);
    return {
      [sided(rear, 'HeelLiftShare')]: 0.75,
      [sided(rear, 'KneeBendDeg')]: 28,
      [sided(front, 'ArmForwardDeg')]: -22,
      [sided(rear, 'ArmForwardDeg')]: 24,
      twistLeftDeg: front === 'left' ? -8 : 8,
    };
  },
  /** Weight on one leg lets the other knee go soft. */
  softKnee: (step) => {
    if (!told(step, 'leftWeightShare') || !isOnFeet(step.now.support)) return null;
    const left = settingOf(step.now, 'leftWeightShare');
    const loaded: Side = left >= 0.5 ? 'left' : 'right';
    const free = otherSide(loaded);
    const over = Math.abs(left - 0.5);
    return {
      [sided(free, 'KneeBendDeg')]: 3 + 50 * over,
      [sided(free, 'FootOutDeg')]: 14,
      [sided(loaded, 'FootOutDeg')]: 23,
    };
  },
  anklesCrossed: (step) => {
    const { crossed, support } = step.now;
    if (step.sentence.id !== 'cross:ankles' || !crossed || !isOnFeet(support)) return null;
    const { over } = crossed;
    return {
      leftWeightShare: over === 'left' ? 0.14 : 0.86,
      [sided(over, 'KneeBendDeg')]: 24,
      [sided(over, 'HeelLiftShare')]: 0.5,
    };
  },
  kneesCrossed: (step) => (step.sentence.id === 'cross:knees' ? { heelSpacingShoulders: 0.3 } : null),
  /** Legs that come apart stand on both soles. */
  uncrossed: (step) => (step.sentence.id === 'uncross' ? BOTH_SOLES : null),
  /** Feet that are set down anew, or carry alike, stand on both soles. */
  bothSoles: (step) => {
    const isLevel = told(step, 'leftWeightShare') && settingOf(step.now, 'leftWeightShare') === 0.5;
    return isLevel || told(step, 'heelSpacingShoulders')
      ? { leftHeelLiftShare: 0, rightHeelLiftShare: 0 }
      : null;
  },
  /** A leg that carries stands on its sole. */
  loadedSole: (step) => {
    if (!told(step, 'leftWeightShare')) return null;
    const left = settingOf(step.now, 'leftWeightShare');
    return { [sided(left >= 0.5 ? 'left' : 'right', 'HeelLiftShare')]: 0 };
  },
  /** Feet wide apart open at the hips. */
  wideFeet: (step) => {
    const width = settingOf(step.now, 'heelSpacingShoulders');
    if (!told(step, 'heelSpacingShoulders') || width <= 0.75) return null;
    const out = Math.min(32, 10 + 22 * (width - 0.6));
    return { leftFootOutDeg: out, rightFootOutDeg: out };
  },
  /** Astride a seat the feet stand wide. */
  feetAstride: (step) =>
    isStance(step) && step.now.support === 'astride'
      ? { heelSpacingShoulders: 1.7, leftFootOutDeg: 30, rightFootOutDeg: 30, feetAheadFeet: -0.35 }
      : null,
  /** Leaning far in, eyes on the lens lift the chin. */
  chinLifts: (step) => {
    const deg = settingOf(step.now, 'hingeDeg');
    if (settingOf(step.before, 'hingeDeg') === deg || deg <= 24 || step.now.gaze.kind !== 'lens') return null;
    return isUpright(step.now) ? { chinDownDeg: -5 } : null;
  },
  handsRoundShin: (step) => {
    const hands = laidBy(step, (c) => handRegion(c) !== null && c.to.endsWith('shin'));
    return hands.length > 0 && step.now.support === 'floor' ? { hingeDeg: 8 } : null;
  },
  /** A shoulder or the back on a wall takes the body over to it. */
  onTheWall: (step) => {
    const [laid] = laidBy(step, (c) => contactPart(c) === 'shoulder' || contactPart(c) === 'back');
    if (!laid || !isOnFeet(step.now.support)) return null;
    const side = contactSide(laid);
    if (!side) return { leanForwardDeg: -6 };
    return { leanLeftDeg: side === 'left' ? 5 : -5, leftWeightShare: side === 'left' ? 0.35 : 0.65 };
  },
} as const satisfies Record<string, Follows>;
