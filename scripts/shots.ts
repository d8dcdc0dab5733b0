/** Renews docs/screenshots from the demo data: `npm run shots` (needs a production build). */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { By, Key, until } from 'selenium-webdriver';
import {
  DESK_SIZE,
  openBrowser,
  PHONE_SIZE,
  TABLET_SIZE,
  type Browser,
  type Size,
} from '../tests/e2e/browser';
import { drawn, PATIENCE_MS, still } from '../tests/e2e/waits';
import { serve } from '../tests/e2e/server';
import { contactSheet } from './contactSheet';
import { pairSheet } from './pairSheet';
import { headSheet } from './headSheet';
import { patternSheet } from './patternSheet';
import { sixBySixSheet } from './poseSheet';

const folder = join(import.meta.dirname, '..', 'docs', 'screenshots');
mkdirSync(folder, { recursive: true });

/** True where no drawn picture waits for its smooth edges, which it gets when it rests. */
const IS_SMOOTH =
  'return [...document.querySelectorAll("[data-testid=viewfinder] canvas")].every((c) => c.dataset.smooth)';

async function shot(browser: Browser, name: string): Promise<void> {
  await still(browser.driver);
  await browser.driver.wait(() => browser.driver.executeScript<boolean>(IS_SMOOTH), PATIENCE_MS);
  writeFileSync(join(folder, `${name}.png`), Buffer.from(await browser.driver.takeScreenshot(), 'base64'));
  console.log(`docs/screenshots/${name}.png`);
}

async function visit(browser: Browser, url: string, size: Size): Promise<void> {
  await browser.size(size);
  await browser.driver.get(url);
}

const only = process.argv.slice(2);
const wants = (name: string) => only.length === 0 || only.includes(name);
const server = await serve();
const browser = await openBrowser();
const { driver } = browser;
try {
  const sitting = `${server.origin}/pose?sitting=demo-yearbook`;
  await visit(browser, server.origin, DESK_SIZE);
  await driver.wait(until.elementLocated(By.css('article canvas[data-state="drawn"]')), 60_000);
  if (wants('desk')) await shot(browser, 'desk');
  if (wants('pose')) {
    await visit(browser, `${sitting}&take=demo-take-1`, DESK_SIZE);
    await drawn(driver);
    await driver.findElement(By.xpath('//*[@data-testid="findings"]//button[.="Show"]')).click();
    await shot(browser, 'pose');
  }
  for (const [name, size] of [
    ['pose-tablet', TABLET_SIZE],
    ['pose-phone', PHONE_SIZE],
  ] as const) {
    if (!wants(name)) continue;
    await visit(browser, `${sitting}&take=demo-take-1`, size);
    await drawn(driver);
    await shot(browser, name);
  }
  if (wants('pose-portrait')) {
    await visit(browser, `${sitting}&take=demo-take-4`, DESK_SIZE);
    await drawn(driver);
    await driver.findElement(By.css('button[title^="camera"]')).click();
    for (const [label, value] of [
      ['distance to the sitter, m', '1.6'],
      ['lens height, m', '1.66'],
      ['focal length, mm', '85'],
    ]) {
      const field = driver.findElement(By.css(`input[aria-label="${label}"]`));
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), value!, Key.ENTER);
    }
    await drawn(driver);
    await shot(browser, 'pose-portrait');
  }
  const record = async (person: string, part: string) => {
    await visit(browser, `${server.origin}/people?person=${person}`, DESK_SIZE);
    await driver.wait(until.elementLocated(By.css('form input[name="name"]')), 20_000);
    await driver
      .findElement(By.xpath(`//nav[@aria-label="Parts of the record"]/button[.="${part}"]`))
      .click();
    await driver.wait(until.elementLocated(By.css('[data-testid="turntable"][data-state="drawn"]')), 60_000);
  };
  if (wants('people-body')) {
    await record('demo-odile', 'Body');
    await driver.wait(until.elementLocated(By.css('input[placeholder^="≈"]')), 60_000);
    await shot(browser, 'people-body');
  }
  if (wants('brief')) {
    await visit(browser, `${server.origin}/brief?sitting=demo-yearbook`, DESK_SIZE);
    await driver.wait(until.elementLocated(By.css('tr[data-target]')), 20_000);
    await driver.findElement(By.css('select[aria-label="Message"] option[value="story"]')).click();
    await driver.wait(until.elementLocated(By.css('input[aria-label="still to moving"]')), 20_000);
    await shot(browser, 'brief');
    await driver.findElement(By.css('select[aria-label="Message"] option[value="pose"]')).click();
  }
  if (wants('bodies')) {
    for (const line of contactSheet(join(folder, 'bodies.png'))) console.log(line);
  }
  if (wants('poses-on-six')) sixBySixSheet(join(folder, 'poses-on-six.png'));
  if (wants('pairs')) pairSheet(join(folder, 'pairs.png'));
  if (wants('heads')) headSheet(join(folder, 'heads.png'));
  if (wants('patterns')) {
    for (const line of patternSheet(join(folder, 'patterns.png'))) console.log(line);
  }
  if (wants('new-sitting')) {
    await visit(browser, `${server.origin}/new?who=demo-bram`, DESK_SIZE);
    await driver.wait(until.elementLocated(By.css('ul[aria-label="Chosen"] li')), 20_000);
    await shot(browser, 'new-sitting');
  }
  if (wants('library')) {
    await visit(browser, `${server.origin}/library?sitting=demo-yearbook`, DESK_SIZE);
    await driver.wait(
      async () => (await driver.findElements(By.css('article canvas[data-state="drawn"]'))).length >= 12,
      60_000,
    );
    // each is shown as it is first, and then fitted
    await driver.wait(
      async () =>
        (await driver.executeScript<string[]>(
          'return [...document.querySelectorAll("[data-testid=told]")].slice(0, 12).map((e) => e.textContent)',
        ))!.every((told) => /^(suits|fitted)/.test(told)),
      60_000,
    );
    await shot(browser, 'library');
  }
  if (wants('run')) {
    await visit(browser, `${server.origin}/run?sitting=demo-yearbook`, DESK_SIZE);
    await driver.wait(
      async () => (await driver.findElements(By.css('li canvas[data-state="drawn"]'))).length >= 5,
      60_000,
    );
    await driver.wait(
      async () =>
        ((await driver.findElement(By.css('main')).getText()).match(/\d sentences?/g) ?? []).length === 5,
      60_000,
    );
    await shot(browser, 'run');
  }
  if (wants('direct')) {
    await visit(browser, `${server.origin}/direct?sitting=demo-yearbook`, PHONE_SIZE);
    await driver.wait(until.elementLocated(By.css('main canvas[data-state="drawn"]')), 60_000);
    await driver.wait(until.elementLocated(By.css('[data-testid="cue"]')), 60_000);
    await shot(browser, 'direct');
  }
  if (wants('set')) {
    await visit(browser, `${server.origin}/set?sitting=demo-yearbook&take=demo-take-1`, DESK_SIZE);
    await driver.wait(until.elementLocated(By.css('section[aria-label="What fits here"] tbody tr')), 60_000);
    await driver.findElement(By.xpath('//main//button[normalize-space()="room"]')).click();
    await driver.findElement(By.xpath('//main//button[normalize-space()="three-quarter"]')).click();
    await driver.wait(until.elementLocated(By.css('[data-testid="set"][data-busy="false"]')), 60_000);
    await driver.wait(until.elementLocated(By.css('main canvas[data-state="drawn"]')), 60_000);
    await shot(browser, 'set');
  }
  if (wants('set-group')) {
    await visit(browser, `${server.origin}/set?sitting=demo-club&take=demo-club-5`, DESK_SIZE);
    await driver.wait(until.elementLocated(By.css('[data-testid="set"][data-busy="false"]')), 60_000);
    await driver.findElement(By.xpath('//main//button[normalize-space()="group"]')).click();
    await driver.findElement(By.xpath('//button[normalize-space()="Arrange the group"]')).click();
    await driver.wait(until.elementLocated(By.css('[data-testid="order-told"]')), 60_000);
    await driver.wait(until.elementLocated(By.css('main canvas[data-state="drawn"]')), 60_000);
    await driver.executeScript('scrollTo(0, 0)');
    await shot(browser, 'set-group');
  }
  if (wants('set-light')) {
    await visit(browser, `${server.origin}/set?sitting=demo-yearbook&take=demo-take-4`, DESK_SIZE);
    await driver.wait(until.elementLocated(By.css('section[aria-label="What fits here"] tbody tr')), 60_000);
    await driver.findElement(By.xpath('//main//button[normalize-space()="light"]')).click();
    await driver.findElement(By.css('section[aria-label="Light by goal"] option[value="triangle"]')).click();
    await driver.findElement(By.xpath('//button[.="Place the key"]')).click();
    await driver.wait(until.elementLocated(By.css('[data-pattern="triangle"]')), 60_000);
    await driver.wait(
      until.elementLocated(By.css('[data-testid="face-of-light"][data-busy="false"]')),
      60_000,
    );
    await shot(browser, 'set-light');
  }
} finally {
  await browser.quit();
  await server.stop();
}
