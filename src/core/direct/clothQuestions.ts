import { wearsSkirt, type BodyProfile } from '../body';
import { contactOf, isOnFeet, isOnSeat, settingOf, type Pose } from '../pose';
import { SIDES } from '../units';

/** Somebody as dressed for a picture, and as posed in it. */
export interface Dressed {
  profile: Pick<BodyProfile, 'outfit' | 'hair'>;
  pose: Pose;
}

/** A face carried so far forward opens the collar at the nape, centimetres (from memory). */
const COLLAR_GAP_CM = 1.5;
/** Heels that a sitter feels, metres (from memory). */
const FELT_HEEL_M = 0.04;

/** Hair that may fall into the face. */
const MAY_FALL_IN: ReadonlySet<BodyProfile['hair']> = new Set(['bob', 'long', 'waved', 'curls', 'coily']);

const hasCollar = ({ outfit }: Dressed['profile']) =>
  outfit.top.cut === 'shirt' || outfit.jacket !== undefined;
const hasPockets = ({ outfit }: Dressed['profile']) =>
  outfit.jacket !== undefined || (outfit.bottom.cut === 'trousers' && outfit.top.cut !== 'dress');

/**
 * What of hair and cloth no measure sees and the eye is sent to, where somebody has it; in the order in which one looks,
 * from the head down.
 */
const QUESTIONS = {
  hairOverEye: ({ profile }) => MAY_FALL_IN.has(profile.hair),
  strayHair: ({ profile }) => profile.hair !== 'none' && !profile.outfit.headScarf,
  scarfEdge: ({ profile }) => profile.outfit.headScarf !== undefined,
  glassesStraight: ({ profile }) => profile.outfit.glasses !== undefined,
  collarGap: ({ profile, pose }) => hasCollar(profile) && settingOf(pose, 'faceForwardCm') >= COLLAR_GAP_CM,
  jacketUnbuttoned: ({ profile, pose }) => profile.outfit.jacket?.worn === 'closed' && isOnSeat(pose.support),
  jacketSmooth: ({ profile }) => profile.outfit.jacket !== undefined,
  sleevesEven: ({ profile }) => hasCollar(profile),
  pocketsEmpty: ({ profile, pose }) =>
    hasPockets(profile) && !SIDES.some((side) => contactOf(pose, side)?.to === 'frontPocket'),
  hemStraight: ({ profile }) => wearsSkirt(profile.outfit),
  heelsSteady: ({ profile, pose }) => profile.outfit.shoes.heelM >= FELT_HEEL_M && isOnFeet(pose.support),
} as const satisfies Record<string, (dressed: Dressed) => boolean>;
export type ClothQuestion = keyof typeof QUESTIONS;
export const CLOTH_QUESTIONS = Object.keys(QUESTIONS) as ClothQuestion[];

/** What is asked of hair and cloth of those who are in a picture, each question once. */
export function clothQuestions(people: readonly Dressed[]): ClothQuestion[] {
  return CLOTH_QUESTIONS.filter((id) => people.some((dressed) => QUESTIONS[id](dressed)));
}
