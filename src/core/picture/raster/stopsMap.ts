import { EXPOSURE } from './develop';

/** Reflectance that meters take for the middle, linear (common practice: 18 % grey). */
export const MIDDLE_GREY = 0.18;

/** From here on a tone is drawn as pure white, stops over the middle. */
export const CLIPPED_STOPS = -Math.log2(MIDDLE_GREY);

/** Colours of the steps, from five stops under the middle to three above it. */
export const STOP_COLOURS: readonly { stops: number; colour: string }[] = [
  { stops: -5, colour: '#15120f' },
  { stops: -4, colour: '#2b2a3f' },
  { stops: -3, colour: '#2d4f63' },
  { stops: -2, colour: '#3f7a66' },
  { stops: -1, colour: '#86965a' },
  { stops: 0, colour: '#8d8273' },
  { stops: 1, colour: '#d3a348' },
  { stops: 2, colour: '#dd7b52' },
  { stops: 3, colour: '#fbf3e2' },
];

const BYTES = STOP_COLOURS.map(({ colour }) =>
  [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16)),
);

/** Luminance of linear sRGB (Rec. 709 weights). */
export function luminance(linear: ArrayLike<number>, at: number): number {
  return 0.2126 * linear[at]! + 0.7152 * linear[at + 1]! + 0.0722 * linear[at + 2]!;
}

/** Whole stops from the middle grey of the developed picture. */
export function stopsOf(value: number): number {
  return Math.log2(Math.max(1e-6, value) / MIDDLE_GREY);
}

/** An exposed picture with the step of each pixel in place of its colour, RGBA. */
export function stopsMap(linear: Float32Array): Uint8ClampedArray<ArrayBuffer> {
  const pixels = linear.length / 3;
  const out = new Uint8ClampedArray(new ArrayBuffer(pixels * 4));
  const first = STOP_COLOURS[0]!.stops;
  for (let i = 0; i < pixels; i++) {
    const step = Math.round(stopsOf(luminance(linear, i * 3))) - first;
    const colour = BYTES[Math.min(BYTES.length - 1, Math.max(0, step))]!;
    for (let c = 0; c < 3; c++) out[i * 4 + c] = colour[c]!;
    out[i * 4 + 3] = 255;
  }
  return out;
}

/**
 * Stops from the middle grey at which a tone comes out in the developed picture.
 * @param light against the key at the face.
 */
export function stopsAsDrawn(reflectance: ArrayLike<number>, light: number): number {
  return stopsOf(luminance(reflectance, 0) * light * EXPOSURE);
}
