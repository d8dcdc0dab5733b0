import { By, Key, until } from 'selenium-webdriver';
import { openBrowser } from '../../tests/e2e/browser';
import { serve } from '../../tests/e2e/server';
import { drawn } from '../../tests/e2e/waits';
import { dragged } from '../dragRate';
import { line, summary } from './measure';

/** How long something is dragged, milliseconds. */
const DRAG_MS = 5000;

/** What the page takes in the browser, elapsed time. */
export async function benchPage(): Promise<void> {
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

    const [preview, lens, face] = [
      // the drawn picture gives way to the measured one where it lags behind the hand
      '[data-testid="drag-preview"], [data-testid="viewfinder"]',
      'main canvas[aria-label$="through this lens"]',
      '[data-testid="face-of-light"] canvas',
    ];
    const drag = async (words: string, handle: string, canvas: string) => {
      const { perSecond, gapsMs, longestTaskMs } = await dragged(driver, handle, canvas, DRAG_MS);
      line(`${words}: pictures`, `${perSecond.toFixed(1)} a second, from one to the next ${summary(gapsMs)}`);
      line(`${words}: longest task of the page`, `${longestTaskMs.toFixed(0)} ms`);
    };
    await driver.findElement(By.xpath('//main//button[normalize-space()="handles"]')).click();
    for (const [words, handle] of [
      ['camera dragged in Pose', '[data-source="camera"]'],
      ['key dragged in Pose', '[data-source="key"]'],
      ['hand dragged in Pose', '[data-handle="left:hand"]'],
    ] as const) {
      await drawn(driver);
      await drag(words, handle, preview);
    }
    await driver.get(`${server.origin}/set?sitting=demo-yearbook&take=demo-take-1`);
    await driver.wait(until.elementLocated(By.css(`${lens}[data-state="drawn"]`)), 30_000);
    await drag('camera dragged in Set', '[data-source="camera"]', lens);
    await driver.wait(until.elementLocated(By.xpath('//main//button[text()="light"]')), 30_000).click();
    const rests = By.css('[data-testid="face-of-light"][data-busy="false"]');
    await driver.wait(until.elementLocated(rests), 60_000);
    for (const lamps of ['one lamp', 'three lamps']) {
      await drag(`key dragged in Set, ${lamps}, face`, '[data-source="key"]', face);
      for (const kind of ['strip', 'softbox'])
        await driver
          .findElement(By.css(`[aria-label="Add a light or a panel"] option[value="${kind}"]`))
          .click();
    }
  } finally {
    await browser.quit();
    await server.stop();
  }
}
