import { byManner } from '../../cues';
import type { Prompts } from './moods';

/** What draws an expression, in French. Our own. */
export const FRENCH_PROMPTS: Prompts = {
  strong: [
    byManner(
      'Tu viens de gagner, et personne ne le sait encore.',
      'Vous venez de gagner, et personne ne le sait encore.',
    ),
    byManner(
      'Regarde-moi comme si c’était moi qui arrivais en retard.',
      'Regardez-moi comme si c’était moi qui arrivais en retard.',
    ),
    byManner(
      'Inspire, ancre les pieds, et maintenant regarde.',
      'Inspirez, ancrez les pieds, et maintenant regardez.',
    ),
  ],
  soft: [
    byManner(
      'Pense à quelqu’un que tu aimes entendre rire.',
      'Pensez à quelqu’un que vous aimez entendre rire.',
    ),
    byManner(
      'Expire lentement, et les yeux viennent en dernier.',
      'Expirez lentement, et les yeux viennent en dernier.',
    ),
    byManner(
      'Souviens-toi du matin le plus calme de l’année.',
      'Souvenez-vous du matin le plus calme de l’année.',
    ),
  ],
  open: [
    byManner('Dis-moi bonjour sans un mot.', 'Dites-moi bonjour sans un mot.'),
    byManner(
      'Quelqu’un que tu aimes vient d’entrer derrière moi.',
      'Quelqu’un que vous aimez vient d’entrer derrière moi.',
    ),
    byManner('Dis-moi des yeux que tu aimes être ici.', 'Dites-moi des yeux que vous aimez être ici.'),
  ],
  reserved: [
    byManner('Tu sais une chose que j’ignore.', 'Vous savez une chose que j’ignore.'),
    byManner('Garde-la pour toi, et regarde-moi.', 'Gardez-la pour vous, et regardez-moi.'),
    byManner('Écoute un bruit très loin.', 'Écoutez un bruit très loin.'),
  ],
  formal: [
    byManner('Ferme les yeux. Ouvre-les : bonjour.', 'Fermez les yeux. Ouvrez-les : bonjour.'),
    byManner('Dis-moi ton nom, en silence.', 'Dites-moi votre nom, en silence.'),
    byManner(
      'Tu vas répondre, et tu connais la réponse.',
      'Vous allez répondre, et vous connaissez la réponse.',
    ),
  ],
  easy: [
    byManner(
      'Raconte-moi le petit-déjeuner. Stop, comme ça.',
      'Racontez-moi le petit-déjeuner. Stop, comme ça.',
    ),
    byManner('Secoue les mains. Et maintenant, plus rien.', 'Secouez les mains. Et maintenant, plus rien.'),
    byManner('Gonfle les joues. Et relâche.', 'Gonflez les joues. Et relâchez.'),
  ],
  still: [
    byManner(
      'Rien à faire. Regarde l’autre rive à travers moi.',
      'Rien à faire. Regardez l’autre rive à travers moi.',
    ),
    byManner(
      'Compte trois souffles, et lève les yeux au troisième.',
      'Comptez trois souffles, et levez les yeux au troisième.',
    ),
    byManner('Laisse dormir le visage, pas les yeux.', 'Laissez dormir le visage, pas les yeux.'),
  ],
  moving: [
    byManner(
      'Regarde ailleurs, et reviens quand je dis maintenant.',
      'Regardez ailleurs, et revenez quand je dis maintenant.',
    ),
    byManner('Commence à dire non, et change d’avis.', 'Commencez à dire non, et changez d’avis.'),
    byManner(
      'Tourne-toi vers moi comme à l’appel de ton nom.',
      'Tournez-vous vers moi comme à l’appel de votre nom.',
    ),
  ],
  child: [
    byManner('Quoi qu’il arrive maintenant, ne ris pas.', 'Quoi qu’il arrive maintenant, ne riez pas.'),
    byManner(
      'Montre-moi comment le chat regarde quand la porte s’ouvre.',
      'Montrez-moi comment le chat regarde quand la porte s’ouvre.',
    ),
    byManner('À ton avis, où se cache le bateau ?', 'À votre avis, où se cache le bateau ?'),
  ],
};
