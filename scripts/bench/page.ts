import { By, Key, until } from 'selenium-webdriver';
import { openBrowser } from '../../tests/e2e/browser';
import { serve } from '../../tests/e2e/server';
import { drawn } from '../../tests/e2e/waits';
import { picturesPerSecond } from '../dragRate';
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
}
