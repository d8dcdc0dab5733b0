import { byManner } from '../../cues';
import type { Asides } from './aside';

/** Asides in French. */
export const FRENCH_ASIDES: Asides = {
  feels: {
    feet: byManner('Tu sens toute la plante du pied.', 'Vous sentez toute la plante du pied.'),
    weight: byManner(
      'Tu pourrais lever l’autre pied sans vaciller.',
      'Vous pourriez lever l’autre pied sans vaciller.',
    ),
    hips: 'Ça tourne à la ceinture, rien ne tire.',
    spine: byManner(
      'Comme si un fil te tirait par le sommet de la tête.',
      'Comme si un fil vous tirait par le sommet de la tête.',
    ),
    shoulders: byManner(
      'Elles sont lourdes, et tu les laisses faire.',
      'Elles sont lourdes, et vous les laissez faire.',
    ),
    arms: 'Chaque articulation garde un peu de jeu.',
    hands: 'Aussi léger que sur un chat qui dort.',
    head: 'Le cou reste long, seul le nez bouge.',
    gaze: byManner(
      'Tu vois une seule chose, et tu clignes quand tu veux.',
      'Vous voyez une seule chose, et vous clignez quand vous voulez.',
    ),
  },
  opens: {
    plain: [],
    calm: [
      byManner('Prends ton temps. Rien ne peut rater.', 'Prenez votre temps. Rien ne peut rater.'),
      byManner('Expire d’abord. Ensuite, lentement.', 'Expirez d’abord. Ensuite, lentement.'),
      'Nous avons toutes les minutes qu’il faut.',
    ],
    playful: [
      byManner('Celle-ci est drôle, tu vas voir.', 'Celle-ci est drôle, vous allez voir.'),
      'On y va ? Voici autre chose.',
      'Et maintenant, quelque chose à raconter.',
    ],
    brief: [],
  },
};
