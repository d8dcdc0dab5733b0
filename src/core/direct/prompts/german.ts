import { byManner } from '../../cues';
import type { Prompts } from './moods';

/** What draws an expression, in German. Our own. */
export const GERMAN_PROMPTS: Prompts = {
  strong: [
    byManner(
      'Du hast gerade gewonnen, und noch weiß es niemand.',
      'Sie haben gerade gewonnen, und noch weiß es niemand.',
    ),
    byManner('Schau mich an, als käme ich zu spät.', 'Schauen Sie mich an, als käme ich zu spät.'),
    byManner(
      'Atme ein, steh fest, und jetzt schau her.',
      'Atmen Sie ein, stehen Sie fest, und jetzt schauen Sie her.',
    ),
  ],
  soft: [
    byManner(
      'Denk an jemanden, den du gern lachen hörst.',
      'Denken Sie an jemanden, den Sie gern lachen hören.',
    ),
    'Langsam ausatmen, und die Augen kommen zuletzt.',
    byManner(
      'Erinnere dich an den stillsten Morgen dieses Jahres.',
      'Erinnern Sie sich an den stillsten Morgen dieses Jahres.',
    ),
  ],
  open: [
    byManner('Sag mir ohne ein Wort Hallo.', 'Sagen Sie mir ohne ein Wort Hallo.'),
    byManner(
      'Hinter mir kommt gerade jemand herein, den du magst.',
      'Hinter mir kommt gerade jemand herein, den Sie mögen.',
    ),
    byManner(
      'Sag mir mit den Augen, dass du gern hier bist.',
      'Sagen Sie mir mit den Augen, dass Sie gern hier sind.',
    ),
  ],
  reserved: [
    byManner('Du weißt etwas, das ich nicht weiß.', 'Sie wissen etwas, das ich nicht weiß.'),
    byManner('Behalt es für dich, und schau mich an.', 'Behalten Sie es für sich, und schauen Sie mich an.'),
    byManner('Horch auf etwas weit weg.', 'Horchen Sie auf etwas weit weg.'),
  ],
  formal: [
    'Augen zu. Augen auf: guten Morgen.',
    byManner('Sag mir im Stillen deinen Namen.', 'Sagen Sie mir im Stillen Ihren Namen.'),
    byManner(
      'Gleich antwortest du, und du kennst die Antwort.',
      'Gleich antworten Sie, und Sie kennen die Antwort.',
    ),
  ],
  easy: [
    byManner(
      'Erzähl mir, was es zum Frühstück gab. Halt, genau so.',
      'Erzählen Sie mir, was es zum Frühstück gab. Halt, genau so.',
    ),
    'Hände ausschütteln. Und jetzt gar nichts tun.',
    'Backen aufblasen. Und loslassen.',
  ],
  still: [
    'Nichts zu tun. Durch mich hindurch ans andere Ufer schauen.',
    byManner(
      'Zähl drei Atemzüge, und schau beim dritten auf.',
      'Zählen Sie drei Atemzüge, und schauen Sie beim dritten auf.',
    ),
    byManner(
      'Lass das Gesicht einschlafen, nur die Augen nicht.',
      'Lassen Sie das Gesicht einschlafen, nur die Augen nicht.',
    ),
  ],
  moving: [
    byManner(
      'Schau weg, und komm zurück, wenn ich jetzt sage.',
      'Schauen Sie weg, und kommen Sie zurück, wenn ich jetzt sage.',
    ),
    byManner(
      'Fang an, Nein zu sagen, und überleg es dir anders.',
      'Fangen Sie an, Nein zu sagen, und überlegen Sie es sich anders.',
    ),
    byManner(
      'Dreh dich zu mir, als hätte ich dich gerufen.',
      'Drehen Sie sich zu mir, als hätte ich Sie gerufen.',
    ),
  ],
  child: [
    byManner('Was jetzt auch passiert: nicht lachen.', 'Was jetzt auch kommt: bitte nicht lachen.'),
    byManner(
      'Zeig mir, wie die Katze schaut, wenn die Tür aufgeht.',
      'Zeigen Sie mir, wie die Katze schaut, wenn die Tür aufgeht.',
    ),
    byManner('Was meinst du, wo sich das Boot versteckt?', 'Was meinen Sie, wo sich das Boot versteckt?'),
  ],
};
