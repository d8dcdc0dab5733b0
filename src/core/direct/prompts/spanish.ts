import { byManner } from '../../cues';
import type { Prompts } from './moods';

/** What draws an expression, in Spanish. Our own. */
export const SPANISH_PROMPTS: Prompts = {
  strong: [
    byManner('Acabas de ganar, y aún no lo sabe nadie.', 'Acaba de ganar, y aún no lo sabe nadie.'),
    byManner('Mírame como si fuera yo quien llega tarde.', 'Míreme como si fuera yo quien llega tarde.'),
    byManner('Toma aire, planta los pies, y ahora mira.', 'Tome aire, plante los pies, y ahora mire.'),
  ],
  soft: [
    byManner('Piensa en alguien a quien te gusta oír reír.', 'Piense en alguien a quien le gusta oír reír.'),
    byManner(
      'Suelta el aire despacio, y los ojos llegan al final.',
      'Suelte el aire despacio, y los ojos llegan al final.',
    ),
    byManner(
      'Recuerda la mañana más tranquila de este año.',
      'Recuerde la mañana más tranquila de este año.',
    ),
  ],
  open: [
    byManner('Salúdame sin decir nada.', 'Salúdeme sin decir nada.'),
    byManner(
      'Detrás de mí acaba de entrar alguien que te gusta.',
      'Detrás de mí acaba de entrar alguien que le gusta.',
    ),
    byManner('Dime con los ojos que te alegra estar aquí.', 'Dígame con los ojos que le alegra estar aquí.'),
  ],
  reserved: [
    byManner('Sabes algo que yo no sé.', 'Usted sabe algo que yo no sé.'),
    byManner('Guárdatelo, y mírame.', 'Guárdeselo, y míreme.'),
    byManner('Escucha algo muy lejano.', 'Escuche algo muy lejano.'),
  ],
  formal: [
    byManner('Cierra los ojos. Ábrelos: buenos días.', 'Cierre los ojos. Ábralos: buenos días.'),
    byManner('Dime tu nombre en silencio.', 'Dígame su nombre en silencio.'),
    byManner('Vas a responder, y sabes la respuesta.', 'Va a responder, y sabe la respuesta.'),
  ],
  easy: [
    byManner('Cuéntame qué desayunaste. Ahí, quieto todo.', 'Cuénteme qué desayunó. Ahí, quieto todo.'),
    byManner('Sacude las manos. Y ahora, nada de nada.', 'Sacuda las manos. Y ahora, nada de nada.'),
    byManner('Infla las mejillas. Y suelta.', 'Infle las mejillas. Y suelte.'),
  ],
  still: [
    byManner(
      'Nada que hacer. Mira la otra orilla a través de mí.',
      'Nada que hacer. Mire la otra orilla a través de mí.',
    ),
    byManner(
      'Cuenta tres respiraciones, y levanta la vista a la tercera.',
      'Cuente tres respiraciones, y levante la vista a la tercera.',
    ),
    byManner('Deja dormir la cara, pero no los ojos.', 'Deje dormir la cara, pero no los ojos.'),
  ],
  moving: [
    byManner(
      'Mira a otro lado, y vuelve cuando diga ahora.',
      'Mire a otro lado, y vuelva cuando diga ahora.',
    ),
    byManner('Empieza a decir que no, y cambia de idea.', 'Empiece a decir que no, y cambie de idea.'),
    byManner('Gírate hacia mí como al oír tu nombre.', 'Gírese hacia mí como al oír su nombre.'),
  ],
  child: [
    byManner('Pase lo que pase ahora, no te rías.', 'Pase lo que pase ahora, no se ría.'),
    byManner(
      'Enséñame cómo mira el gato cuando se abre la puerta.',
      'Enséñeme cómo mira el gato cuando se abre la puerta.',
    ),
    byManner('¿Dónde crees que se esconde el barco?', '¿Dónde cree que se esconde el barco?'),
  ],
};
