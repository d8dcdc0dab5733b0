import { byManner } from '../../spoken';
import type { MarkWords } from '../../words';

/** Where somebody goes, in French. */
export const FRENCH_MARKS: MarkWords = {
  lift: {
    hip: byManner('Prends {who} sur la hanche {side:f}', 'Prenez {who} sur la hanche {side:f}'),
    lap: byManner('Prends {who} sur la cuisse {side:f}', 'Prenez {who} sur la cuisse {side:f}'),
    back: byManner('Prends {who} sur le dos', 'Prenez {who} sur le dos'),
    shoulders: byManner(
      'Hisse {who} sur les épaules, avec de l’aide',
      'Hissez {who} sur les épaules, avec de l’aide',
    ),
  },
  putDown: byManner('Repose {who} doucement', 'Reposez {who} doucement'),
  comeClose: byManner('Viens près de {who}', 'Venez près de {who}'),
  comeToTouch: byManner('Viens tout contre {who}', 'Venez tout contre {who}'),
  stepAside: byManner('Fais {steps} vers la {side:f}', 'Faites {steps} vers la {side:f}'),
  stepForward: byManner('Fais {steps} en avant', 'Faites {steps} en avant'),
  stepBack: byManner('Fais {steps} en arrière', 'Faites {steps} en arrière'),
  turn: byManner(
    'Tourne sur place vers la {side:f}, {amount}',
    'Tournez sur place vers la {side:f}, {amount}',
  ),
  boxUp: byManner('Monte sur la caisse', 'Montez sur la caisse'),
  boxDown: byManner('Descends de la caisse', 'Descendez de la caisse'),
  boxAcross: byManner('Passe sur l’autre caisse', 'Passez sur l’autre caisse'),
  steps: { half: 'un demi-pas', one: 'un pas', many: '{count} pas' },
  amounts: { touch: 'à peine', little: 'un peu', goodBit: 'nettement', allTheWay: 'à fond' },
};
