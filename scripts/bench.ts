/**
 * `npm run bench`: speed of the full recompute in Node and in the browser's worker, and of the fast paths against
 * plain references, measured side by side in one run.
 */
import { wantedRanges } from '@/core/brief';
import { By, Key, until } from 'selenium-webdriver';
import { mend } from '../src/core/adapt';
import { bodyFrom, surfaceOf } from '../src/core/body';
import { figureOf } from '../src/core/figure';
import { HOUSE_POSES, STANDING_POSES as ALL_STANDING } from '../src/core/library';
import {
  createRaster,
  createStandIn,
  patternsOf,
  rasterise,
  seeFace,
  seeShot,
  type Shot,
} from '../src/core/picture';
import { plainGround } from '../src/core/scene';
import { neutralPose, SETTINGS, settingOf, withSetting, type SettingId } from '../src/core/pose';
import { review } from '../src/core/review';
import { changeCost, cheapestOrder } from '../src/core/sequence';
import { demoTakes } from '../src/data/demo';
import { DEMO_SITTER } from '../src/data/demoPeople';
import { everyOrder, rayPicture } from '../tests/support/plain';
import { openBrowser } from '../tests/e2e/browser';
import { serve } from '../tests/e2e/server';
import { drawn } from '../tests/e2e/waits';
import { picturesPerSecond } from './dragRate';

/** The poses that the figures of earlier versions were taken with. */
const STANDING_POSES = ALL_STANDING.slice(0, 5);
const DRAGGED: SettingId[] = ['leftWeightShare', 'hipsTurnLeftDeg', 'twistLeftDeg', 'headTurnLeftDeg'];
const STEPS_PER_DRAG = 10;

function milliseconds(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

function summary(times: readonly number[]): string {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return `median ${at(0.5).toFixed(1)} ms, p95 ${at(0.95).toFixed(1)} ms (${times.length} runs)`;
}

function line(name: string, words: string): void {
  console.log(`${name.padEnd(46)} ${words}`);
}

const body = bodyFrom(DEMO_SITTER.profile);
line('body of the demo sitter', `${milliseconds(() => bodyFrom(DEMO_SITTER.profile)).toFixed(0)} ms`);
for (const detail of ['measured', 'drawn'] as const) {
  let triangles = 0;
  const ms = milliseconds(() => (triangles = surfaceOf(body, detail).triangles.length / 3));
  line(`surface, ${detail}`, `${ms.toFixed(0)} ms, ${triangles} triangles`);
}

const standIn = createStandIn(body, surfaceOf(body, 'measured'));
const { camera, light } = demoTakes()[0]!.shot;
/** Small changes of a pose, as a hand on a slider makes them. */
function drags(): Shot[] {
  return STANDING_POSES.flatMap((pose) =>
    DRAGGED.flatMap((id) =>
      Array.from({ length: STEPS_PER_DRAG }, (_, i) => {
        const { min, max, step } = SETTINGS[id];
        const value = Math.min(max, Math.max(min, settingOf(pose, id) + (step * i) / 4));
        return { pose: withSetting(pose, id, value), camera, light };
      }),
    ),
  );
}
const recompute = (shot: Shot) => review(seeShot(standIn, shot), wantedRanges(shot.pose.message));
for (const shot of drags().slice(0, 40)) recompute(shot);
line('full recompute in Node, pose changed', summary(drags().map((s) => milliseconds(() => recompute(s)))));
const walked = Array.from({ length: 60 }, (_, i) => ({
  pose: STANDING_POSES[1]!,
  camera: { ...camera, focalLengthMm: 60 + i },
  light,
}));
line('full recompute in Node, lens changed', summary(walked.map((s) => milliseconds(() => recompute(s)))));

const lens = { lens: [0, 1.2, 4] as [number, number, number] };
const { standing = [], ...carried } = HOUSE_POSES;
for (const [name, poses] of [
  ['cold solve, standing', standing],
  ['cold solve, seated, leaning, kneeling, lying', Object.values(carried).flat()],
] as const) {
  const times = () => poses.map((p) => milliseconds(() => figureOf(body, p, lens)));
  times();
  line(name, summary([...times(), ...times(), ...times()]));
}

/** The light of a drag: the key goes round by half degrees, alone or with two lamps besides. */
function keysRound(others: Shot['light']['others']): Shot[] {
  return Array.from({ length: 60 }, (_, i) => ({
    pose: STANDING_POSES[1]!,
    camera,
    light: { ...light, arcDeg: 30 + i / 2, ...(others && { others }) },
  }));
}
const TWO_LAMPS: Shot['light']['others'] = [
  { id: 'rim', kind: 'strip', arcDeg: 150, heightM: 2, distanceM: 1.5, sizeM: 1.2, powerStops: 0 },
  { id: 'fill', kind: 'octa', arcDeg: -60, heightM: 1.8, distanceM: 2, sizeM: 1, powerStops: -2 },
];
const GROUND = plainGround(2.4);
for (const [name, others] of [
  ['one key', undefined],
  ['three lamps', TWO_LAMPS],
] as const) {
  const shots = keysRound(others as Shot['light']['others']);
  const timed = (work: (shot: Shot) => unknown) => {
    shots.forEach((shot) => work(shot));
    return shots.map((shot) => milliseconds(() => work(shot)));
  };
  const dark = timed((shot) => seeShot(standIn, shot).picture);
  const lit = timed((shot) => seeShot(standIn, shot, { lit: true }).picture);
  line(`light and shadow of a body 160x240, ${name}`, summary(lit.map((ms, i) => ms - dark[i]!)));
  line(
    `face read and named, ${name}`,
    summary(timed((shot) => patternsOf(standIn, shot, [shot.light, shot.light])).map((ms) => ms / 2)),
  );
  line(`face 150x150 while dragging, ${name}`, summary(timed((shot) => seeFace(standIn, shot, GROUND, 150))));
}

const mends: number[] = [];
for (const pose of [neutralPose('quiet'), ...STANDING_POSES]) {
  const shot: Shot = { pose: { ...pose, message: { ...pose.message, presence: 0 } }, camera, light };
  for (const finding of recompute(shot)) mends.push(milliseconds(() => mend(standIn, shot, finding)));
}
line('mend', summary(mends));

const { view } = seeShot(standIn, { pose: STANDING_POSES[1]!, camera, light }).picture;
const [width, height] = [80, 120];
const raster = createRaster(width, height);
const { positions } = standIn.skinned;
const { triangles } = standIn.surface;
const fast = () => rasterise(raster, view, [{ positions, triangles }]);
const rasterMs = Math.min(...Array.from({ length: 20 }, () => milliseconds(fast)));
const rayMs = milliseconds(() => rayPicture(view, positions, triangles, width, height));
line(
  `raster against one ray a pixel, ${width}x${height}`,
  `${rasterMs.toFixed(2)} ms against ${rayMs.toFixed(0)} ms: ${(rayMs / rasterMs).toFixed(0)} times faster`,
);

const nine = STANDING_POSES.concat(STANDING_POSES.slice(1)).map((pose, i): Shot => ({
  pose,
  camera: { ...camera, focalLengthMm: i % 2 ? 85 : 50 },
  light,
}));
const cost = nine.map((a, i) => nine.map((b, j) => (i === j ? 0 : changeCost(a, b).totalS)));
const exactMs = Math.min(...Array.from({ length: 5 }, () => milliseconds(() => cheapestOrder(cost))));
let least = 0;
const plainMs = milliseconds(() => (least = everyOrder(cost)));
const { total } = cheapestOrder(cost);
if (Math.abs(total - least) > 1e-9) throw new Error(`order costs ${total}, every permutation finds ${least}`);
line(
  `order of ${nine.length} poses against every permutation`,
  `${exactMs.toFixed(2)} ms against ${plainMs.toFixed(0)} ms: ${(plainMs / exactMs).toFixed(0)} times faster, same ${total.toFixed(0)} s`,
);

/** How long something is dragged, milliseconds. */
const DRAG_MS = 5000;

const server = await serve();
const browser = await openBrowser();
try {
  const { driver } = browser;
  await driver.get(`${server.origin}/pose?sitting=demo-yearbook&take=demo-take-1`);
  await drawn(driver);
  const recomputes = () =>
    driver.executeScript<[number, number]>(
      'const { recomputes, elapsedMs } = document.querySelector("[data-testid=pose-place]").dataset; return [Number(recomputes), Number(elapsedMs)];',
    );
  const times: number[] = [];
  for (const station of ['weight', 'hips', 'spine', 'head']) {
    await driver.findElement(By.css(`button[title^="${station}"]`)).click();
    const slider = await driver.findElement(By.css('input[type=range]'));
    const limit = async (end: 'min' | 'max') => Number(await slider.getAttribute(end));
    const [min, max] = [await limit('min'), await limit('max')];
    let right = true;
    for (let i = 0; i < 20; i++) {
      const value = Number(await slider.getAttribute('value'));
      if (value >= max) right = false;
      if (value <= min) right = true;
      const [count] = await recomputes();
      await slider.sendKeys(right ? Key.ARROW_RIGHT : Key.ARROW_LEFT);
      await driver.wait(async () => (await recomputes())[0] > count, 20_000, 'no recompute after a key');
      times.push((await recomputes())[1]);
    }
  }
  line('full recompute in the browser worker', summary(times));

  const preview = '[data-testid="drag-preview"]';
  const face = '[data-testid="face-of-light"] canvas';
  for (const what of ['camera', 'key']) {
    await drawn(driver);
    const rate = await picturesPerSecond(driver, `[data-source="${what}"]`, preview, DRAG_MS);
    line(`pictures while the ${what} is dragged in Pose`, `${rate.toFixed(1)} a second`);
  }
  await driver.get(`${server.origin}/set?sitting=demo-yearbook&take=demo-take-1`);
  await driver.wait(until.elementLocated(By.xpath('//main//button[text()="light"]')), 30_000).click();
  const rests = By.css('[data-testid="face-of-light"][data-busy="false"]');
  await driver.wait(until.elementLocated(rests), 60_000);
  for (const lamps of ['one lamp', 'three lamps']) {
    const rate = await picturesPerSecond(driver, '[data-source="key"]', face, DRAG_MS);
    line(`faces while the key is dragged in Set, ${lamps}`, `${rate.toFixed(1)} a second`);
    for (const kind of ['strip', 'softbox'])
      await driver
        .findElement(By.css(`[aria-label="Add a light or a panel"] option[value="${kind}"]`))
        .click();
  }
} finally {
  await browser.quit();
  await server.stop();
}
