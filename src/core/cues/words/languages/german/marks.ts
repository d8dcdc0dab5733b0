import { byManner } from '../../spoken';
import type { MarkWords } from '../../words';

/** Where somebody goes, in German. */
export const GERMAN_MARKS: MarkWords = {
  lift: {
    hip: byManner('Nimm {who} auf die {side:e} Hüfte', 'Nehmen Sie {who} auf die {side:e} Hüfte'),
    lap: byManner(
      'Nimm {who} auf den {side:en} Oberschenkel',
      'Nehmen Sie {who} auf den {side:en} Oberschenkel',
    ),
    back: byManner('Nimm {who} auf den Rücken', 'Nehmen Sie {who} auf den Rücken'),
    shoulders: byManner(
      'Heb {who} mit Hilfe auf die Schultern',
      'Heben Sie {who} mit Hilfe auf die Schultern',
    ),
  },
  putDown: byManner('Setz {who} behutsam ab', 'Setzen Sie {who} behutsam ab'),
  comeClose: byManner('Komm nah zu {who}', 'Kommen Sie nah zu {who}'),
  comeToTouch: byManner(
    'Komm so nah zu {who}, dass ihr euch berührt',
    'Kommen Sie so nah zu {who}, dass Sie sich berühren',
  ),
  stepAside: byManner('Geh {steps} nach {side}', 'Gehen Sie {steps} nach {side}'),
  stepForward: byManner('Geh {steps} vor', 'Gehen Sie {steps} vor'),
  stepBack: byManner('Geh {steps} zurück', 'Gehen Sie {steps} zurück'),
  turn: byManner(
    'Dreh dich auf der Stelle nach {side}, {amount}',
    'Drehen Sie sich auf der Stelle nach {side}, {amount}',
  ),
  boxUp: byManner('Steig auf die Kiste', 'Steigen Sie auf die Kiste'),
  boxDown: byManner('Steig von der Kiste', 'Steigen Sie von der Kiste'),
  boxAcross: byManner('Steig auf die andere Kiste', 'Steigen Sie auf die andere Kiste'),
  steps: { half: 'einen halben Schritt', one: 'einen Schritt', many: '{count} Schritte' },
  amounts: { touch: 'eine Spur', little: 'ein wenig', goodBit: 'ein gutes Stück', allTheWay: 'ganz herum' },
};
