import { PNG } from 'pngjs';
import { describe, expect, it } from 'vitest';
import { PART_COLOURS } from '@/stage/partColours';
import { openGilvo } from './gilvo';
import { PATIENCE_MS } from './waits';

const gilvo = openGilvo();

/** Part labels of a canvas in part colours, sampled on a grid. */
function labelsOf(png: PNG, width: number, height: number): Uint8Array {
  const out = new Uint8Array(width * height);
  for (let row = 0; row < height; row++)
    for (let col = 0; col < width; col++) {
      const x = Math.floor(((col + 0.5) / width) * png.width);
      const y = Math.floor(((row + 0.5) / height) * png.height);
      const at = (y * png.width + x) * 4;
      let nearest = Infinity;
      PART_COLOURS.forEach((colour, label) => {
        const far = Math.hypot(...colour.map((c, i) => c - png.data[at + i]!));
        if (far >= nearest) return;
        nearest = far;
        out[row * width + col] = label;
      });
    }
  return out;
}

async function canvas(css: string): Promise<PNG> {
  const url = await gilvo.driver.executeScript<string>(
    'return document.querySelector(arguments[0]).toDataURL("image/png")',
    css,
  );
  return PNG.sync.read(Buffer.from(url.split(',')[1]!, 'base64'));
}

/** A canvas that has come to rest: it shows something, and shows it twice. A frame of a swapped surface may be empty. */
async function settled(css: string): Promise<PNG> {
  let last: Buffer = Buffer.alloc(0);
  let png: PNG | undefined;
  await gilvo.driver.wait(
    async () => {
      const next = await canvas(css);
      const rests = last.equals(next.data) && labelsOf(next, 80, 120).some((label) => label > 0);
      last = next.data;
      if (rests) png = next;
      return rests;
    },
    PATIENCE_MS,
    `${css} did not come to rest`,
  );
  return png!;
}

/** Shows the drawn parts, then the measured ones, and compares them on the measuring picture's grid. */
async function compare(): Promise<{ overlap: number; alike: number; pixels: number }> {
  await gilvo.press('parts');
  await gilvo.until(
    'document.querySelector("[data-testid=viewfinder]").dataset.mode === "parts" && document.querySelector("[data-testid=viewfinder]").dataset.drawnMode === "parts"',
    'the parts were not drawn',
  );
  const drawnPng = await settled('[data-testid="viewfinder"] canvas');
  await gilvo.press('measured');
  await gilvo.one('[data-testid="measured"][data-state="drawn"]');
  const measuredPng = await settled('[data-testid="measured"]');
  await gilvo.press('measured');
  const { width, height } = measuredPng;
  const drawn = labelsOf(drawnPng, width, height);
  const measured = labelsOf(measuredPng, width, height);
  let both = 0;
  let either = 0;
  let alike = 0;
  drawn.forEach((label, i) => {
    const other = measured[i]!;
    if (label > 0 || other > 0) either++;
    if (label > 0 && other > 0) {
      both++;
      if (label === other) alike++;
    }
  });
  return { overlap: both / either, alike: alike / both, pixels: both };
}

describe('the drawn figure and the measured one', () => {
  it.each([1, 2, 3, 4, 5])('cover the same ground in pose %i: overlap of 97 % and more', async (take) => {
    await gilvo.pose(take);
    const { overlap, alike, pixels } = await compare();
    expect(pixels).toBeGreaterThan(5_000);
    expect(overlap).toBeGreaterThanOrEqual(0.97);
    expect(alike).toBeGreaterThanOrEqual(0.93);
  });

  it.each([
    ['from the side', [['arc, to camera right, °', '70']]],
    [
      'near and low',
      [
        ['focal length, mm', '35'],
        ['distance to the sitter, m', '2.2'],
        ['lens height, m', '0.6'],
      ],
    ],
    [
      'as a portrait',
      [
        ['distance to the sitter, m', '1.8'],
        ['lens height, m', '1.65'],
      ],
    ],
  ])('agree %s', async (_, numbers) => {
    await gilvo.pose(1);
    await gilvo.click('button[title^="camera:"]');
    for (const [label, value] of numbers) await gilvo.andSeen(() => gilvo.type(label!, value!));
    expect((await compare()).overlap).toBeGreaterThanOrEqual(0.97);
  });

  it('agree in landscape format', async () => {
    await gilvo.pose(2);
    await gilvo.click('button[title^="camera:"]');
    await gilvo.andSeen(() => gilvo.click('section[aria-label="Camera"] option[value="landscape"]'));
    expect((await compare()).overlap).toBeGreaterThanOrEqual(0.97);
  });
});

it('the drawn picture is a lit figure on paper, not an empty frame', async () => {
  await gilvo.pose(5);
  const png = await canvas('[data-testid="viewfinder"] canvas');
  const luminance = (x: number, y: number) => {
    const at = (Math.round(y * png.height) * png.width + Math.round(x * png.width)) * 4;
    return 0.2126 * png.data[at]! + 0.7152 * png.data[at + 1]! + 0.0722 * png.data[at + 2]!;
  };
  const background = luminance(0.05, 0.2);
  expect(background).toBeGreaterThan(40);
  let darkest = 255;
  let brightest = 0;
  for (let y = 0.05; y < 0.95; y += 0.01) {
    darkest = Math.min(darkest, luminance(0.5, y));
    brightest = Math.max(brightest, luminance(0.5, y));
  }
  expect(brightest - darkest).toBeGreaterThan(80);
});
