import { PNG } from 'pngjs';
import { PART_COLOURS } from '@/drawing/partColours';
import type { Gilvo } from './gilvo';

/** The drawn picture of Pose, for a script of the page. */
export const VIEW = 'document.querySelector("[data-testid=viewfinder]")';

/** A byte of a canvas as linear light, 0 to 1. Source: IEC 61966-2-1. */
export const linear = (byte: number) =>
  byte <= 10 ? byte / 255 / 12.92 : ((byte / 255 + 0.055) / 1.055) ** 2.4;

const labelOfColour = new Map<number, number>();

/** The label whose colour is nearest to one of a canvas: edges are blended. */
function nearestLabel(red: number, green: number, blue: number): number {
  const key = (red << 16) | (green << 8) | blue;
  const known = labelOfColour.get(key);
  if (known !== undefined) return known;
  const far = PART_COLOURS.map(([r, g, b]) => (r - red) ** 2 + (g - green) ** 2 + (b - blue) ** 2);
  const label = far.indexOf(Math.min(...far));
  labelOfColour.set(key, label);
  return label;
}

/** Part labels of a canvas in part colours, sampled on a grid. */
export function labelsOf(png: PNG, width: number, height: number): Uint8Array {
  const out = new Uint8Array(width * height);
  for (let row = 0; row < height; row++)
    for (let col = 0; col < width; col++) {
      const x = Math.floor(((col + 0.5) / width) * png.width);
      const y = Math.floor(((row + 0.5) / height) * png.height);
      const at = (y * png.width + x) * 4;
      out[row * width + col] = nearestLabel(png.data[at]!, png.data[at + 1]!, png.data[at + 2]!);
    }
  return out;
}

/** What a canvas shows. */
export async function canvas(gilvo: Gilvo, css: string): Promise<PNG> {
  const url = await gilvo.driver.executeScript<string>(
    'return document.querySelector(arguments[0]).toDataURL("image/png")',
    css,
  );
  return pngOf(url);
}

export const pngOf = (dataUrl: string): PNG => PNG.sync.read(Buffer.from(dataUrl.split(',')[1]!, 'base64'));

/** A canvas that has come to rest: it shows something, and shows it twice. A frame of a swapped surface may be empty. */
export async function settled(gilvo: Gilvo, css: string): Promise<PNG> {
  let last: Buffer = Buffer.alloc(0);
  let png: PNG | undefined;
  await gilvo.wait(async () => {
    const next = await canvas(gilvo, css);
    const rests = last.equals(next.data) && labelsOf(next, 80, 120).some((label) => label > 0);
    last = next.data;
    if (rests) png = next;
    return rests;
  }, `${css} did not come to rest`);
  return png!;
}
