import { byManner } from '../../spoken';
import type { MarkWords } from '../../words';

/** Where somebody goes, in Spanish. */
export const SPANISH_MARKS: MarkWords = {
  lift: {
    hip: byManner('Toma a {who} sobre la cadera {side:f}', 'Tome a {who} sobre la cadera {side:f}'),
    lap: byManner('Toma a {who} sobre el muslo {side:m}', 'Tome a {who} sobre el muslo {side:m}'),
    back: byManner('Toma a {who} a la espalda', 'Tome a {who} a la espalda'),
    shoulders: byManner('Sube a {who} a los hombros, con ayuda', 'Suba a {who} a los hombros, con ayuda'),
  },
  putDown: byManner('Deja a {who} en el suelo, con cuidado', 'Deje a {who} en el suelo, con cuidado'),
  comeClose: byManner('Acércate a {who}', 'Acérquese a {who}'),
  comeToTouch: byManner('Acércate a {who} hasta tocar', 'Acérquese a {who} hasta tocar'),
  stepAside: byManner('Da {steps} hacia la {side:f}', 'Dé {steps} hacia la {side:f}'),
  stepForward: byManner('Da {steps} hacia delante', 'Dé {steps} hacia delante'),
  stepBack: byManner('Da {steps} hacia atrás', 'Dé {steps} hacia atrás'),
  turn: byManner(
    'Gira sobre los pies hacia la {side:f}, {amount}',
    'Gire sobre los pies hacia la {side:f}, {amount}',
  ),
  boxUp: byManner('Sube a la caja', 'Suba a la caja'),
  boxDown: byManner('Baja de la caja', 'Baje de la caja'),
  boxAcross: byManner('Pasa a la otra caja', 'Pase a la otra caja'),
  steps: { half: 'medio paso', one: 'un paso', many: '{count} pasos' },
  amounts: { touch: 'apenas', little: 'un poco', goodBit: 'bastante', allTheWay: 'del todo' },
};
