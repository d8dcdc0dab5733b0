import { bodyTarget, heightOf, type BodyPlaceName, type HeightId, type Pose } from '../pose';
import { FRAMINGS } from '../set';

/** A framing of the body, the widest first; details are cut from any of them. */
export type BodyFraming = (typeof FRAMINGS)[number];

/** The closest framing in which a place of the body is seen with what is laid on it (common practice). */
const SHOWS: Readonly<Record<BodyPlaceName, BodyFraming>> = {
  waistFront: 'threeQuarter',
  waistSide: 'threeQuarter',
  waistBack: 'threeQuarter',
  hipCrest: 'threeQuarter',
  seatBack: 'threeQuarter',
  frontPocket: 'threeQuarter',
  backPocket: 'threeQuarter',
  thighTop: 'threeQuarter',
  thighOuter: 'threeQuarter',
  thighInner: 'threeQuarter',
  kneeTop: 'full',
  kneeFront: 'full',
  kneeOuter: 'full',
  shin: 'full',
  calf: 'full',
  ankle: 'full',
  upperArm: 'half',
  upperArmBack: 'half',
  elbow: 'half',
  elbowCrook: 'threeQuarter',
  forearm: 'threeQuarter',
  wrist: 'threeQuarter',
  cuff: 'threeQuarter',
  handBack: 'threeQuarter',
  collarbone: 'headAndShoulders',
  chest: 'half',
  lapel: 'half',
  ribs: 'half',
  shoulder: 'headAndShoulders',
  shoulderBack: 'headAndShoulders',
  neckSide: 'headAndShoulders',
  jaw: 'headAndShoulders',
  cheek: 'headAndShoulders',
  temple: 'headAndShoulders',
  ear: 'headAndShoulders',
  hairSide: 'headAndShoulders',
  belly: 'half',
  belt: 'threeQuarter',
  hem: 'threeQuarter',
  smallOfBack: 'threeQuarter',
  breastbone: 'half',
  collar: 'headAndShoulders',
  nape: 'headAndShoulders',
  chin: 'headAndShoulders',
  underChin: 'headAndShoulders',
  lips: 'headAndShoulders',
  forehead: 'headAndShoulders',
  crown: 'headAndShoulders',
  hairBack: 'headAndShoulders',
};

/** The closest framing of somebody who is carried so: who lies is lost in a closer one (common practice). */
const OF_HEIGHT: Readonly<Record<HeightId, BodyFraming>> = {
  standing: 'head',
  seated: 'headAndShoulders',
  low: 'threeQuarter',
  lying: 'full',
};

/** What is leant on, held or sat on is seen from here on. */
const WITH_SUPPORT: BodyFraming = 'half';

/** The wider one of some framings. */
function widest(framings: readonly BodyFraming[]): BodyFraming {
  return FRAMINGS.find((framing) => framings.includes(framing)) ?? 'head';
}

/** The closest framing in which all that a pose is about is seen: what a hand lies on, crossed legs, what it is on. */
export function closestFraming(pose: Pose): BodyFraming {
  const touched = pose.contacts.map(({ to }): BodyFraming => {
    const target = bodyTarget(to);
    return target ? SHOWS[target.place] : WITH_SUPPORT;
  });
  return widest([OF_HEIGHT[heightOf(pose)], ...(pose.crossed ? (['full'] as const) : []), ...touched]);
}

/** Whether a pose whose closest framing is known can be taken in another one. */
export function bears(closest: BodyFraming, framing: BodyFraming): boolean {
  return FRAMINGS.indexOf(framing) <= FRAMINGS.indexOf(closest);
}
