import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By, until, type WebDriver } from 'selenium-webdriver';
import { openBrowser } from '../../tests/e2e/browser';
import { serve } from '../../tests/e2e/server';
import { LARGE, largeBackup } from './largeStore';

const PATIENCE_MS = 180_000;

/** From asking for a page until an expression holds in it, milliseconds. */
async function opened(driver: WebDriver, address: string, isThere: string): Promise<number> {
  const start = Date.now();
  await driver.get(address);
  const there = () =>
    driver.executeScript<boolean>(`try { return Boolean(${isThere}) } catch { return false }`);
  await driver.wait(there, PATIENCE_MS, `never: ${isThere}`, 20);
  return Date.now() - start;
}

/** Longest time for which the page did not answer since it was opened, milliseconds. */
const longestTask = (driver: WebDriver) =>
  driver.executeAsyncScript<number>(
    `const done = arguments[0];
     new PerformanceObserver((list) => done(Math.max(0, ...list.getEntries().map((e) => e.duration))))
       .observe({ type: 'longtask', buffered: true });
     setTimeout(() => done(0), 500);`,
  );

async function restored(driver: WebDriver, origin: string, file: string): Promise<number> {
  await opened(driver, origin, 'document.querySelector("article")');
  await driver.findElement(By.css('input[type=file]')).sendKeys(file);
  await driver.wait(until.elementLocated(By.css('[role="dialog"]')), PATIENCE_MS);
  const start = Date.now();
  await driver.findElement(By.css('[role="dialog"] input[type=checkbox]')).click();
  await driver.findElement(By.xpath('//button[.="Put it in place of all"]')).click();
  await driver.wait(until.elementLocated(By.xpath('//*[contains(., "is restored.")]')), PATIENCE_MS);
  return Date.now() - start;
}

const PLACES: readonly (readonly [string, string])[] = [
  ['/', 'document.querySelector("article")'],
  ['/people', 'document.querySelector("ul[aria-label=People] button")'],
  ['/people?person=p-7', 'document.querySelector("input[name=name]")'],
  ['/brief?sitting=s-7', 'document.querySelector("h1")?.textContent.startsWith("Brief")'],
  ['/run?sitting=s-7', 'document.querySelector("[data-testid=run-total]")'],
  ['/set?sitting=s-7', 'document.querySelector("h1")'],
  ['/pose?sitting=s-7', 'document.querySelector("[data-testid=viewfinder]")?.dataset.frames'],
  ['/direct?sitting=s-7', 'document.querySelector("[data-testid=cue]")'],
];

/** Every place with the store of many years, and the backup that carries it. */
export async function benchLoad(): Promise<void> {
  console.log(`\nwith ${JSON.stringify(LARGE)}`);
  const text = await largeBackup();
  const folder = mkdtempSync(join(tmpdir(), 'gilvo-large-'));
  const file = join(folder, 'large.gilvo');
  writeFileSync(file, text);
  const server = await serve();
  const browser = await openBrowser();
  const { driver } = browser;
  try {
    const ms = await restored(driver, server.origin, file);
    console.log(`backup of ${(text.length / 1e6).toFixed(1)} MB, restored in ${(ms / 1000).toFixed(1)} s`);
    for (const [path, isThere] of PLACES) {
      const ms = await opened(driver, server.origin + path, isThere);
      const task = await longestTask(driver);
      const nodes = await driver.executeScript<number>('return document.querySelectorAll("*").length');
      const mb = await driver.executeScript<number>('return (performance.memory?.usedJSHeapSize ?? 0) / 1e6');
      console.log(
        `${path.padEnd(22)} ${String(ms).padStart(6)} ms, longest task ${task.toFixed(0)} ms, ${nodes} nodes, ${mb.toFixed(0)} MB`,
      );
    }
  } finally {
    await browser.quit();
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
