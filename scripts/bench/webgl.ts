import type { WebDriver } from 'selenium-webdriver';
import { PARTS } from '@/core/body';
import { resolve } from '@/core/kernel';
import { createRaster, rasterise, seeShot, type Picture } from '@/core/picture';
import { openBrowser } from '../../tests/e2e/browser';
import { browserMs } from './browserMs';
import { line, median, processorMs } from './measure';
import { DRAGS, STAND_IN } from './sitter';
import { DRAW_LABELS } from './webglDrawing';

const RUNS = 40;

/** The corners of every triangle one after the other, each with the triangle's label: four numbers a corner. */
function cornersOf(): Float32Array {
  const { surface, skinned } = STAND_IN;
  const out = new Float32Array(surface.triangles.length * 4);
  surface.triangles.forEach((v, i) => {
    out.set(skinned.positions.subarray(v * 3, v * 3 + 3), i * 4);
    out[i * 4 + 3] = surface.triangleLabels[Math.floor(i / 3)]!;
  });
  return out;
}

/** Share of the figure's pixels that have the same label; the browser's rows are counted from below. */
function alike({ width, height, label }: Picture, theirs: readonly number[]): number {
  let [same, all] = [0, 0];
  label.forEach((own, i) => {
    if (own === 0) return;
    all++;
    if (theirs[(height - 1 - Math.floor(i / width)) * width + (i % width)] === own) same++;
  });
  return same / all;
}

async function drawn(driver: WebDriver, { view, width, height }: Picture): Promise<[number[], number[]]> {
  const corners = Buffer.from(cornersOf().buffer).toString('base64');
  return driver.executeAsyncScript(DRAW_LABELS, corners, view, width, height, RUNS);
}

/** The own raster, labels and all, against the same mesh drawn by WebGL in software and read back. */
export async function benchWebgl(): Promise<void> {
  const { picture, view } = seeShot(STAND_IN, DRAGS[0]!);
  const { width, height } = picture;
  const { surface, skinned } = STAND_IN;
  const mesh = { positions: skinned.positions, triangles: surface.triangles };
  const raster = createRaster(width, height);
  const [label, depthM] = [new Uint8Array(width * height), new Float32Array(width * height)];
  const own = () => {
    rasterise(raster, view, [mesh]);
    resolve(raster, surface.triangleLabels, PARTS.length, label, depthM);
  };
  own();
  const ownMs = median(Array.from({ length: RUNS }, () => processorMs(own)));
  const browser = await openBrowser();
  try {
    await drawn(browser.driver, picture);
    const before = browserMs(browser.profile);
    const [times, labels] = await drawn(browser.driver, picture);
    const theirMs = (browserMs(browser.profile) - before) / RUNS;
    line(
      `labels ${width}x${height} against WebGL in software`,
      `${ownMs.toFixed(1)} ms against ${theirMs.toFixed(1)} ms of processor time (${median(times).toFixed(1)} ms elapsed): ${(theirMs / ownMs).toFixed(1)} times; ${(100 * alike(picture, labels)).toFixed(1)} % of the figure alike`,
    );
  } finally {
    await browser.quit();
  }
}
