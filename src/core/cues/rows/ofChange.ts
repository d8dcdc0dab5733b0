import type { Change } from '../../pose';
import type { Sentence } from '../sentence';
import { eyesTo, thinking } from './face';
import { laid, lifted, shaped } from './hands';
import { stance } from './stance';

/** What is said for one change by itself; null for settings, which are said by their amount. */
export function sentenceFor(change: Change): Sentence | null {
  switch (change.kind) {
    case 'setting':
      return null;
    case 'carried':
      return stance(change.to, 0);
    case 'contact':
      return change.to ? laid(change.to) : lifted(change);
    case 'hand':
      return shaped(change.to, change.side);
    case 'expression':
      return thinking(change.to);
    case 'gaze':
      return eyesTo(change.to);
  }
}
