import { decodeSrgb, encodeSrgb } from '@/core/units';

type Tone = [number, number, number];

/** Linear reflectance as the text of a colour field. */
export function toHex(tone: Tone): string {
  return `#${tone
    .map((c) =>
      Math.round(encodeSrgb(c) * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}

/** Text of a colour field, `#rrggbb`, as linear reflectance. */
function fromHex(hex: string): Tone {
  const channel = (i: number) => decodeSrgb(parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16) / 255);
  return [channel(0), channel(1), channel(2)];
}

/** A chosen colour as a tone; the tone itself, to the last digit, where the colour was not changed. */
export function chosenTone(hex: string, before: Tone): Tone {
  return hex === toHex(before) ? before : fromHex(hex);
}
