import type { ShownId } from '../rows/ids';
import type { MidlineSentence, PairedSentence, SideSentence } from '../rows/named';
import type { Sentence } from '../sentence';
import type { Spoken } from './spoken';
import type { OneOrBoth } from './words';

/** Sentences about the body that a child knows better as a picture: something they can play at. */
type ChildAmount =
  | Extract<
      MidlineSentence,
      | 'letGo'
      | 'growTall'
      | 'tailUnder'
      | 'backAsUsual'
      | 'backHollow'
      | 'leanFarBack'
      | 'leanBack'
      | 'leanBackTouch'
      | 'upFromHips'
      | 'leanInTouch'
      | 'leanInHand'
      | 'leanInTwoHands'
      | 'leanInFar'
      | 'leanBackWhole'
      | 'leanForwardWhole'
      | 'standUpright'
      | 'hipsBack'
      | 'hipsOverFeet'
      | 'hipsToMe'
      | 'faceEasy'
      | 'chinToMe'
      | 'chinUpHigh'
      | 'chinUp'
      | 'chinDown'
      | 'weightBoth'
      | 'sidesLong'
    >
  | Extract<
      SideSentence,
      | 'weightMore'
      | 'weightOn'
      | 'mostWeight'
      | 'allWeight'
      | 'hipsOut'
      | 'ribsToHip'
      | 'shoulderUp'
      | 'earOneFinger'
      | 'earTwoFingers'
    >;

type ChildShown = Extract<ShownId, 'bodyToHand' | 'bodyToMe' | 'leanToHand' | 'noseToHand' | 'noseToMe'>;

/** One sentence for the side that is named, and one for both. */
type ChildPaired =
  | Extract<
      PairedSentence,
      'kneeSoft' | 'heelUp' | 'onTheBall' | 'elbowHandOff' | 'elbowWellOff' | 'elbowEasy'
    >
  | 'shape:relaxed'
  | 'shape:looseFist';

type ChildOther =
  'shakeOut' | 'armHangs' | 'bothHang' | 'handsTogether' | 'face:rest' | 'face:matters' | 'eyes:ahead';

/** What a child is told instead of what a grown-up is; all else is the same to both. */
export type ChildWords = Readonly<
  Record<ChildAmount | ChildShown | ChildOther, string> & Record<ChildPaired, OneOrBoth>
>;

/** What a child is told in place of a sentence; undefined where it is told as everybody is. */
export function childWords(words: ChildWords, { id, side }: Sentence): Spoken | undefined {
  const said: string | OneOrBoth | undefined = words[id as keyof ChildWords];
  if (said === undefined || typeof said === 'string') return said;
  return side ? said.one : said.both;
}
