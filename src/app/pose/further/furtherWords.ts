import type { Feature, GoalId, Variation, VariationChange, VariationKind, Wish } from '@/core/adapt';
import { RECORD_WORDS } from '@/core/pose';
import type { Adaptation, InsteadWhy } from '@/core/library';
import { SUPPORTS } from '@/core/scene';
import { FRAMING_WORDS } from '@/core/set';
import { GAZE_WORDS } from '../gazeWords';
import { changeWords } from '../readings/findingWords';
import { twoDecimals } from '@/ui/fields/decimal';

/** What is wished of a picture. */
export const GOAL_WORDS: Readonly<Record<GoalId | 'show' | 'hide', string>> = {
  slimmer: 'a slimmer line',
  taller: 'taller',
  longerLegs: 'longer legs',
  presence: 'more presence',
  softer: 'softer',
  calmFace: 'a calmer face',
  show: 'show',
  hide: 'hide',
};

/** What can be shown or hidden. */
export const FEATURE_WORDS: Readonly<Record<Feature, string>> = {
  hands: 'the hands',
  feet: 'the feet',
  ears: 'the ears',
  neck: 'the neck',
  waist: 'the waist',
  hips: 'the hips',
  upperArms: 'the upper arms',
  knees: 'the knees',
};

/** A wish as the value of an option. */
export function wishKey(wish: Wish): string {
  return 'feature' in wish ? `${wish.goal} ${wish.feature}` : wish.goal;
}

export function wishWords(wish: Wish): string {
  return 'feature' in wish
    ? `${GOAL_WORDS[wish.goal]} ${FEATURE_WORDS[wish.feature]}`
    : GOAL_WORDS[wish.goal];
}

const VARIATION_WORDS: Readonly<Record<VariationKind, string>> = {
  hands: 'hands',
  head: 'head',
  gaze: 'eyes',
  legs: 'legs',
  height: 'lens height',
  arc: 'round the sitter',
  crop: 'crop',
};

/** What a variation varies. */
export function variationTitle({ of, beside }: Variation): string {
  return beside ? `${VARIATION_WORDS[of]} and ${VARIATION_WORDS[beside]}` : VARIATION_WORDS[of];
}

export function variationWords(change: VariationChange): string {
  if (change.kind === 'gaze') return `eyes: ${GAZE_WORDS[change.to.kind]}`;
  if (change.kind === 'framing') return `framed ${FRAMING_WORDS[change.to]}`;
  return changeWords(change);
}

/** Why another pose takes the place of the one that was chosen. */
function whyWords(because: InsteadWhy): string {
  if (because === 'strain') return 'the one chosen strains this sitter';
  if (because === 'fault') return 'a fault is left in the one chosen';
  return RECORD_WORDS[because];
}

/** What was done to a pose to fit it, with its reason. */
export function adaptationWords(adaptation: Adaptation): string {
  switch (adaptation.kind) {
    case 'instead':
      return `${adaptation.name} instead: ${whyWords(adaptation.because)}`;
    case 'ownSeat':
      return `the sitter’s own wheelchair, seat at ${twoDecimals(adaptation.seatHeightM)} m`;
    case 'lowerSeat': {
      const { seat, fromM, toM, shorterPercent } = adaptation;
      return `${SUPPORTS[seat].words} at ${twoDecimals(toM)} m, not ${twoDecimals(fromM)}: lower legs ${shorterPercent} % shorter than the pose assumes`;
    }
    case 'framed':
      return `camera anew: ${FRAMING_WORDS[adaptation.framing]}, as before`;
    case 'lit':
      return `key anew, ${twoDecimals(adaptation.heightM)} m high: over the eyes as before, now that the face is turned up`;
    case 'mended':
      return `${adaptation.changes.map(changeWords).join('; ')} (${adaptation.mended.map((f) => f.title.toLowerCase()).join('; ')})`;
  }
}
