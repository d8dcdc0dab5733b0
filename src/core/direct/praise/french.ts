import { byManner } from '../../cues';
import type { Praise } from './good';

/** What names what is good, in French. Our own. */
export const FRENCH_PRAISE: Praise = {
  jaw: byManner(
    'Ton menton est juste où il faut. Reste ainsi.',
    'Votre menton est juste où il faut. Restez ainsi.',
  ),
  waist: byManner(
    'Bien, il y a de l’air près de tes bras. Garde-le.',
    'Bien, il y a de l’air près de vos bras. Gardez-le.',
  ),
  shouldersLow: byManner(
    'Tes épaules sont basses et souples. C’est ça.',
    'Vos épaules sont basses et souples. C’est ça.',
  ),
  back: byManner('Ton dos est bien long. Garde-le.', 'Votre dos est bien long. Gardez-le.'),
  weight: byManner('Bien, ton poids est sur une jambe.', 'Bien, votre poids est sur une jambe.'),
  turn: byManner('Tes épaules sont bien tournées.', 'Vos épaules sont bien tournées.'),
  hands: byManner('Tes mains sont douces. Laisse-les ainsi.', 'Vos mains sont douces. Laissez-les ainsi.'),
  eyes: byManner('Ton regard est parfait.', 'Votre regard est parfait.'),
};
