import isSame from 'fast-deep-equal';
import { faceShares, type Gaze, type Pose } from '../../pose';
import type { Sentence } from '../sentence';
import type { Between } from './between';
import type { ThoughtId } from './ids';

/** Shares of a move from which on it is meant (own estimates). */
const MEANT = { closed: 0.7, laugh: 0.7, smile: 0.15, serious: -0.2 } as const;

/** The thought that draws an expression: never the muscle. */
function thoughtOf({
  smile = 0,
  lidsClosed = 0,
  browsRaised = 0,
}: NonNullable<Pose['expression']>): ThoughtId {
  if (lidsClosed > MEANT.closed) return 'face:closed';
  if (smile > MEANT.laugh) return 'face:laugh';
  if (smile > MEANT.smile) return 'face:glad';
  return browsRaised < MEANT.serious ? 'face:matters' : 'face:rest';
}

/** Where the eyes go. */
export function eyesTo(gaze: Gaze): Sentence {
  return {
    id: `eyes:${gaze.kind}`,
    station: 'gaze',
    side: gaze.kind === 'hand' ? gaze.side : null,
    keys: ['gaze'],
    tells: { gaze },
    isDue: true,
  };
}

/** The thought for an expression. */
export function thinking(expression: NonNullable<Pose['expression']>): Sentence {
  return {
    id: thoughtOf(expression),
    station: 'gaze',
    side: null,
    keys: ['expression'],
    tells: { expression },
    isDue: true,
  };
}

/** Eyes and expression: they make the picture, so that they are due wherever they are other than before. */
export function faceSentences({ from, to }: Between): Sentence[] {
  const eyes = isSame(from.gaze, to.gaze) ? [] : [eyesTo(to.gaze)];
  const thought = isSame(faceShares(from), faceShares(to)) ? [] : [thinking(to.expression ?? {})];
  return [...eyes, ...thought];
}
