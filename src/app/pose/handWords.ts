import type { HandShape } from '@/core/pose';

/** What the shapes of a hand are called. */
export const HAND_WORDS: Record<HandShape, string> = {
  relaxed: 'relaxed',
  edgeSoft: 'soft edge',
  looseFist: 'loose fist',
  flatRest: 'flat rest',
  pointSoft: 'one finger leads',
  thumbAndMiddle: 'thumb and middle finger',
  hook: 'hook',
  holdRound: 'round a handle',
  holdFlat: 'round a book',
  gatherCloth: 'gathers cloth',
  longSoft: 'long and soft',
  closedFist: 'closed fist',
  openFan: 'open fan',
  chinRest: 'folded under',
};
