import { byManner } from '../../cues';
import type { Praise } from './good';

/** What names what is good, in German. Our own. */
export const GERMAN_PRAISE: Praise = {
  jaw: byManner('Dein Kinn ist genau richtig. Bleib so.', 'Ihr Kinn ist genau richtig. Bleiben Sie so.'),
  waist: byManner(
    'Gut, neben deinen Armen ist Luft. Lass sie so.',
    'Gut, neben Ihren Armen ist Luft. Lassen Sie sie so.',
  ),
  shouldersLow: byManner(
    'Deine Schultern sind tief und locker. So ist es gut.',
    'Ihre Schultern sind tief und locker. So ist es gut.',
  ),
  back: byManner('Dein Rücken ist schön lang. Halt das.', 'Ihr Rücken ist schön lang. Halten Sie das.'),
  weight: byManner('Gut, dein Gewicht ist auf einem Bein.', 'Gut, Ihr Gewicht ist auf einem Bein.'),
  turn: byManner('So gedreht sind deine Schultern richtig.', 'So gedreht sind Ihre Schultern richtig.'),
  hands: byManner('Deine Hände sind weich. Lass sie so.', 'Ihre Hände sind weich. Lassen Sie sie so.'),
  eyes: byManner('Deine Augen sind genau richtig.', 'Ihre Augen sind genau richtig.'),
};
