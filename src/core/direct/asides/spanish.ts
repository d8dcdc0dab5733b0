import { byManner } from '../../cues';
import type { Asides } from './aside';

/** Asides in Spanish. */
export const SPANISH_ASIDES: Asides = {
  feels: {
    feet: byManner('Sientes toda la planta.', 'Siente toda la planta.'),
    weight: byManner(
      'Podrías levantar el otro pie sin tambalearte.',
      'Podría levantar el otro pie sin tambalearse.',
    ),
    hips: 'Gira por el cinturón, nada tira.',
    spine: byManner(
      'Como si un hilo te subiera por la coronilla.',
      'Como si un hilo le subiera por la coronilla.',
    ),
    shoulders: byManner('Pesan, y los dejas caer.', 'Pesan, y los deja caer.'),
    arms: 'Cada articulación cede un poco.',
    hands: 'Tan ligero como sobre un gato dormido.',
    head: 'El cuello sigue largo, solo se mueve la nariz.',
    gaze: byManner(
      'Miras una sola cosa, y parpadeas cuando quieres.',
      'Mira una sola cosa, y parpadea cuando quiere.',
    ),
  },
  opens: {
    plain: [],
    calm: [
      byManner('Tómate tu tiempo. Nada puede salir mal.', 'Tómese su tiempo. Nada puede salir mal.'),
      byManner('Primero suelta el aire. Luego, despacio.', 'Primero suelte el aire. Luego, despacio.'),
      'Tenemos todos los minutos que hagan falta.',
    ],
    playful: [
      byManner('Esta es divertida, ya verás.', 'Esta es divertida, ya verá.'),
      '¿Vamos? Ahora viene otra cosa.',
      'Y ahora algo para contar en casa.',
    ],
    brief: [],
  },
};
