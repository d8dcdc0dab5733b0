import { viewOf } from '../../camera';
import { figureFor, type StandIn } from '../../picture';
import { HAND_SHAPES, type Gaze, type Station } from '../../pose';
import type { MendVariable } from '../../review';
import { framed, framingOf, FRAMINGS, nearestFramings, type Framing } from '../../set';
import type { SoloShot } from '../../shot';
import { SIDES } from '../../units';
import { whatOf, type MendChange } from '../mendAxis';
import { steppedBy, type Proposal } from '../proposal';
import { bothSides, settings } from '../variables';

/** What a variation varies, in the order in which one thinks of it. */
export const VARIATION_KINDS = ['hands', 'head', 'gaze', 'legs', 'height', 'arc', 'crop'] as const;
export type VariationKind = (typeof VARIATION_KINDS)[number];

/** What is other in a variation: what a mend may change, where the eyes look, or how much the frame takes in. */
export type VariationChange =
  MendChange | { kind: 'gaze'; from: Gaze; to: Gaze } | { kind: 'framing'; to: Framing };

/** A shot that says nearly the same. */
export interface Variant extends Omit<Proposal, 'changes'> {
  of: VariationKind;
  /** What it varies besides, where it is of two things. */
  beside?: VariationKind;
  /** What it varies; two that vary the same are nearly one. */
  what: string;
  changes: VariationChange[];
}
type Offer = Omit<Variant, 'of'>;

/** What a variation starts from. */
export interface Start {
  standIn: StandIn;
  shot: SoloShot;
  held: readonly Station[];
}

/** One or two settings away: so many steps of one are still the same pose. */
const NEAR = [2, -2, 4, -4] as const;
/** Seconds to look elsewhere, and to frame anew without another lens (common practice). */
const GAZE_SECONDS = 1;
const FRAMING_SECONDS = 4;

function stepped(
  { shot, held }: Start,
  variables: readonly MendVariable[],
  steps: readonly number[],
): Offer[] {
  return variables
    .flatMap((variable) => steppedBy(shot, variable, steps, held))
    .map((p) => ({ ...p, what: whatOf(p.changes[0]!) }));
}

const HANDS: readonly MendVariable[] = SIDES.flatMap((side): MendVariable[] => [
  { on: 'handShape', side, among: HAND_SHAPES },
  { on: 'handPlace', side, among: ['hipCrest', 'frontPocket', 'waistFront', 'thighTop', 'breastbone', null] },
]);
const HEAD = settings('headTurnLeftDeg', 'headTiltLeftDeg', 'chinDownDeg');
const LEGS: readonly MendVariable[] = [
  ...settings('leftWeightShare', 'heelSpacingShoulders', 'leftAheadFeet', 'feetAheadFeet'),
  ...bothSides('FootOutDeg', 'KneeBendDeg', 'KneeInDeg'),
];
/** Where else the eyes may go: past the lens to either side, ahead, and down. */
const GAZES: readonly Gaze[] = [
  { kind: 'lens' },
  { kind: 'offLens', leftDeg: 18, upDeg: 2 },
  { kind: 'offLens', leftDeg: -18, upDeg: 2 },
  { kind: 'ahead' },
  { kind: 'down' },
];

function looks({ shot, held }: Start): Offer[] {
  const { gaze } = shot.pose;
  if (held.includes('gaze')) return [];
  return GAZES.filter((to) => to.kind !== gaze.kind || to.kind === 'offLens').map((to) => ({
    shot: { ...shot, pose: { ...shot.pose, gaze: to } },
    what: to.kind,
    changes: [{ kind: 'gaze', from: gaze, to }],
    seconds: GAZE_SECONDS,
  }));
}

function crops({ standIn, shot }: Start): Offer[] {
  const { points } = figureFor(standIn, shot, viewOf(shot.camera).eye);
  const { less, more } = nearestFramings(shot.camera, points);
  return [less, more].flatMap((to) => {
    const camera = to && framed(shot.camera, points, to);
    return camera
      ? [
          {
            shot: { ...shot, camera },
            what: to,
            changes: [{ kind: 'framing', to }],
            seconds: FRAMING_SECONDS,
          },
        ]
      : [];
  });
}

/** The lens higher and lower, with the frame round the sitter as it was. */
function heights(start: Start): Offer[] {
  const { standIn, shot } = start;
  const { points } = figureFor(standIn, shot, viewOf(shot.camera).eye);
  const framing = framingOf(shot.camera, points, FRAMINGS);
  return stepped(start, [{ on: 'camera', name: 'heightM' }], [4, -4, 8, -8]).flatMap((offer) => {
    const { focalLengthMm, heightM } = offer.shot.camera;
    const camera = framed(shot.camera, points, framing, focalLengthMm, heightM);
    return camera ? [{ ...offer, shot: { ...shot, camera } }] : [];
  });
}

/** What each kind of variation has to offer, clean or not. */
export const VARIANTS: Readonly<Record<VariationKind, (start: Start) => Offer[]>> = {
  // a choice is counted by its place in the order
  hands: (start) => stepped(start, HANDS, [1, 2, 3, 4, 5, 6, 7, 8]),
  head: (start) => stepped(start, HEAD, NEAR),
  gaze: looks,
  legs: (start) => stepped(start, LEGS, NEAR),
  height: heights,
  arc: (start) => stepped(start, [{ on: 'camera', name: 'arcDeg' }], [3, -3, 6, -6]),
  crop: crops,
};
