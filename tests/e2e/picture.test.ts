import type { PNG } from 'pngjs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DESK_SIZE } from './browser';
import { canvas, labelsOf, linear, settled, VIEW } from './canvases';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();

/** Shows the drawn parts, then the measured ones, and compares them on the measuring picture's grid. */
async function compare(): Promise<{ overlap: number; alike: number; pixels: number }> {
  await gilvo.press('parts');
  await gilvo.until(
    `${VIEW}.dataset.mode === "parts" && ${VIEW}.dataset.drawnMode === "parts"`,
    'the parts were not drawn',
  );
  const drawnPng = await settled(gilvo, '[data-testid="viewfinder"] canvas');
  await gilvo.press('measured');
  await gilvo.one('[data-testid="measured"][data-state="drawn"]');
  const measuredPng = await settled(gilvo, '[data-testid="measured"]');
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
  // drawn with more pixels than are measured: what is sampled next to an edge is then within the edge's own width
  beforeAll(() => gilvo.browser.size({ width: 1900, height: 1240 }));
  afterAll(() => gilvo.browser.size(DESK_SIZE));

  it.each([1, 2, 3, 4, 5])('cover the same ground in pose %i: overlap of 98 % and more', async (take) => {
    await gilvo.pose(take);
    const { overlap, alike, pixels } = await compare();
    expect(pixels).toBeGreaterThan(5_000);
    expect(overlap).toBeGreaterThanOrEqual(0.98);
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
    expect((await compare()).overlap).toBeGreaterThanOrEqual(0.98);
  });

  it('agree in landscape format', async () => {
    await gilvo.pose(2);
    await gilvo.click('button[title^="camera:"]');
    await gilvo.andSeen(() => gilvo.click('section[aria-label="Camera"] option[value="landscape"]'));
    expect((await compare()).overlap).toBeGreaterThanOrEqual(0.98);
  });
});

/** Share of the pixels of a part that is left out at either end: seams of shoes and hems, where the meshes differ. */
const TRIMMED = 0.15;

/** Mean luminance of every part, linear, of a canvas against the labels of the drawn parts; the ends left out. */
function lightOfParts(png: PNG, labels: Uint8Array, width: number, height: number): Map<number, number> {
  const values = new Map<number, number[]>();
  for (let row = 1; row < height - 1; row++)
    for (let col = 1; col < width - 1; col++) {
      const label = labels[row * width + col]!;
      // only where the part is all round, so that an edge's neighbour does not count
      const isInside = [-1, 1, -width, width].every((by) => labels[row * width + col + by] === label);
      if (label === 0 || !isInside) continue;
      const x = Math.floor(((col + 0.5) / width) * png.width);
      const y = Math.floor(((row + 0.5) / height) * png.height);
      const at = (y * png.width + x) * 4;
      const [r, g, b] = [0, 1, 2].map((c) => linear(png.data[at + c]!)) as [number, number, number];
      values.set(label, [...(values.get(label) ?? []), 0.2126 * r + 0.7152 * g + 0.0722 * b]);
    }
  const seen = [...values].filter(([, all]) => all.length >= 60);
  return new Map(
    seen.map(([label, all]) => {
      const cut = Math.round(all.length * TRIMMED);
      const kept = all.sort((p, q) => p - q).slice(cut, all.length - cut);
      return [label, kept.reduce((sum, v) => sum + v, 0) / kept.length];
    }),
  );
}

describe('the light that is drawn and the light that is measured', () => {
  const SCENES: [number, number, number][] = [
    [1, 90, 1.8],
    [2, -75, 2.4],
    [3, 30, 1.6],
    [4, -20, 3],
    [5, 15, 2.8],
  ];
  it.each(SCENES)(
    'are within a third of a stop on every part: pose %i, key at %i degrees, %f m high',
    async (take, arcDeg, heightM) => {
      await gilvo.pose(take);
      await gilvo.click('button[title^="light:"]');
      await gilvo.type('key, arc to camera right, °', String(arcDeg));
      await gilvo.type('key height, m', String(heightM));
      await gilvo.andSeen(() => gilvo.type('ambient against key, %', '40'));
      const drawn = await settled(gilvo, '[data-testid="viewfinder"] canvas');
      await gilvo.saved();
      await gilvo.press('parts');
      await gilvo.until(`${VIEW}.dataset.drawnMode === "parts"`, 'the parts were not drawn');
      const parts = await settled(gilvo, '[data-testid="viewfinder"] canvas');
      await gilvo.open(`/set?sitting=demo-yearbook&take=demo-take-${take}`);
      await gilvo.one('main canvas[aria-label$="through this lens"][data-state="drawn"]');
      const measured = await settled(gilvo, 'main canvas[aria-label$="through this lens"]');
      const labels = labelsOf(parts, measured.width, measured.height);
      const a = lightOfParts(drawn, labels, measured.width, measured.height);
      const b = lightOfParts(measured, labels, measured.width, measured.height);
      const off = [...a].map(([label, value]) => [label, Math.log2(value / b.get(label)!)] as const);
      expect(off.length).toBeGreaterThan(8);
      const worst = off.map(([label, stops]) => `${label}: ${stops.toFixed(2)}`).join(', ');
      for (const [, stops] of off) expect(Math.abs(stops), worst).toBeLessThan(1 / 3);
    },
  );
});

it('the drawn picture is a lit figure on paper, not an empty frame', async () => {
  await gilvo.pose(5);
  const png = await canvas(gilvo, '[data-testid="viewfinder"] canvas');
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
