import { byManner } from '../../cues';
import type { Praise } from './good';

/** What names what is good, in Spanish. Our own. */
export const SPANISH_PRAISE: Praise = {
  jaw: byManner(
    'Tu barbilla está justo donde debe. Quédate así.',
    'Su barbilla está justo donde debe. Quédese así.',
  ),
  waist: byManner('Bien, hay aire junto a tus brazos. Déjalo.', 'Bien, hay aire junto a sus brazos. Déjelo.'),
  shouldersLow: byManner(
    'Tus hombros están bajos y sueltos. Eso es.',
    'Sus hombros están bajos y sueltos. Eso es.',
  ),
  back: byManner('Tu espalda está bien larga. Mantenla.', 'Su espalda está bien larga. Manténgala.'),
  weight: byManner('Bien, tu peso está en una pierna.', 'Bien, su peso está en una pierna.'),
  turn: byManner('Tus hombros están bien girados.', 'Sus hombros están bien girados.'),
  hands: byManner('Tus manos están suaves. Déjalas así.', 'Sus manos están suaves. Déjelas así.'),
  eyes: byManner('Tu mirada está perfecta.', 'Su mirada está perfecta.'),
};
