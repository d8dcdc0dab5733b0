import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import type { WebDriver } from 'selenium-webdriver';
import { openBrowser } from './browser';
import { serve } from './server';
import { drawn, PATIENCE_MS } from './waits';

declare module 'vitest' {
  export interface ProvidedContext {
    /** Where the production build is served. */
    origin: string;
    /** A browser's folder in which the demo is placed and its surface built. */
    profile: string;
  }
}

/** Whether what blocks light on a head was cast and is in the store. */
const isHeadCast = (driver: WebDriver) =>
  driver.executeAsyncScript<boolean>(
    `const done = arguments[0];
     const open = indexedDB.open('gilvo');
     open.onsuccess = () => {
       open.result.transaction('heads').objectStore('heads').count().onsuccess = (e) => {
         open.result.close();
         done(e.target.result > 0);
       };
     };`,
  );

/**
 * One server for all files, and a browser's folder that each of them begins with: the sitter is modelled once, and
 * the head is cast, which would otherwise go on beside every test.
 */
export default async function warm(project: TestProject) {
  const server = await serve();
  const profile = mkdtempSync(join(tmpdir(), 'gilvo-profile-'));
  const browser = await openBrowser({ profile });
  await browser.driver.get(`${server.origin}/pose?sitting=demo-yearbook&take=demo-take-1`);
  await drawn(browser.driver);
  await browser.driver.wait(() => isHeadCast(browser.driver), PATIENCE_MS, 'the head was not cast');
  await browser.quit();
  project.provide('origin', server.origin);
  project.provide('profile', profile);
  return async () => {
    await server.stop();
    rmSync(profile, { recursive: true, force: true });
  };
}
