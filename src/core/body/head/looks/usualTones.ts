import { smoothstep } from '../../../units';
import { mix, type Rgb } from '../../pieces/piece';
import type { BodyProfile } from '../../said/profile';

/** Lips against the skin about them, by channel. */
const LIP: Rgb = [0.84, 0.46, 0.46];
/** Iris of somebody with dark hair and of somebody fair, as reflectances; most eyes go with the hair (from memory). */
const IRIS: { dark: Rgb; fair: Rgb } = { dark: [0.06, 0.032, 0.017], fair: [0.1, 0.12, 0.125] };

/** What of a face has a tone of its own. */
export const FACE_TONES = ['lips', 'brows', 'eyes'] as const;
export type FaceTone = (typeof FACE_TONES)[number];

/** A tone multiplied by another, channel by channel. */
export function times(a: Rgb, b: Rgb): Rgb {
  return [a[0] * b[0], a[1] * b[1], a[2] * b[2]];
}

/** Tones of lips, brows and irises as linear reflectances: what was said, or as skin, hair and contour have them. */
export function faceTones({
  tones,
  contourShare,
}: Pick<BodyProfile, 'tones' | 'contourShare'>): Record<FaceTone, Rgb> {
  const { skin, hair } = tones;
  const fair = smoothstep(0.02, 0.07, (hair[0] + hair[1] + hair[2]) / 3);
  return {
    lips: tones.lips ?? mix(skin, times(skin, LIP), 0.45 + 0.3 * contourShare),
    brows: tones.brows ?? hair,
    eyes: tones.eyes ?? mix(IRIS.dark, IRIS.fair, fair),
  };
}
