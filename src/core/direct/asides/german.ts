import { byManner } from '../../cues';
import type { Asides } from './aside';

/** Asides in German. */
export const GERMAN_ASIDES: Asides = {
  feels: {
    feet: byManner('Du spürst die ganze Sohle.', 'Sie spüren die ganze Sohle.'),
    weight: byManner(
      'Du könntest den anderen Fuß heben, ohne zu schwanken.',
      'Sie könnten den anderen Fuß heben, ohne zu schwanken.',
    ),
    hips: 'Es dreht sich am Gürtel, nichts zieht.',
    spine: byManner('Als zöge dich ein Faden am Scheitel hoch.', 'Als zöge Sie ein Faden am Scheitel hoch.'),
    shoulders: byManner('Sie sind schwer, und du lässt sie.', 'Sie sind schwer, und das dürfen sie sein.'),
    arms: 'Jedes Gelenk gibt ein wenig nach.',
    hands: 'So leicht wie auf einer schlafenden Katze.',
    head: 'Der Hals bleibt lang, nur die Nase geht mit.',
    gaze: byManner(
      'Du siehst eine Sache an und blinzelst, wann du magst.',
      'Sie sehen eine Sache an und blinzeln, wann Sie mögen.',
    ),
  },
  opens: {
    plain: [],
    calm: [
      byManner(
        'Lass dir Zeit. Es kann nichts schiefgehen.',
        'Lassen Sie sich Zeit. Es kann nichts schiefgehen.',
      ),
      'Erst ausatmen. Dann ganz langsam.',
      'Wir haben so viele Minuten, wie wir brauchen.',
    ],
    playful: [
      byManner('Das macht Spaß, du wirst sehen.', 'Das macht Spaß, Sie werden sehen.'),
      'Fertig? Jetzt kommt etwas anderes.',
      'Jetzt etwas zum Weitererzählen.',
    ],
    brief: [],
  },
};
