import type { BodyProfile } from '@/core/body';
import { decodeSrgb, encodeSrgb } from '@/core/units';

export type ToneName = keyof BodyProfile['tones'];
export const TONE_WORDS: Record<ToneName, string> = {
  skin: 'skin',
  hair: 'hair',
  top: 'shirt',
  trousers: 'trousers',
  shoes: 'shoes',
};
export const TONE_NAMES = Object.keys(TONE_WORDS) as ToneName[];

/** Linear reflectance as the text of a colour field. */
export function toHex(tone: BodyProfile['tones'][ToneName]): string {
  return `#${tone
    .map((c) =>
      Math.round(encodeSrgb(c) * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}

/** Text of a colour field, `#rrggbb`, as linear reflectance. */
export function fromHex(hex: string): BodyProfile['tones'][ToneName] {
  const channel = (i: number) => decodeSrgb(parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16) / 255);
  return [channel(0), channel(1), channel(2)];
}
