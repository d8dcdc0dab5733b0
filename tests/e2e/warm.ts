import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { openBrowser } from './browser';
import { serve } from './server';
import { drawn } from './waits';

declare module 'vitest' {
  export interface ProvidedContext {
    /** Where the production build is served. */
    origin: string;
    /** A browser's folder in which the demo is placed and its surface built. */
    profile: string;
  }
}

/**
 * One server for all files, and a browser's folder that each of them begins with: the sitter is modelled once.
 */
export default async function warm(project: TestProject) {
  const server = await serve();
  const profile = mkdtempSync(join(tmpdir(), 'gilvo-profile-'));
  const browser = await openBrowser({ profile });
  await browser.driver.get(`${server.origin}/pose?sitting=demo-yearbook&take=demo-take-1`);
  await drawn(browser.driver);
  await browser.quit();
  project.provide('origin', server.origin);
  project.provide('profile', profile);
  return async () => {
    await server.stop();
    rmSync(profile, { recursive: true, force: true });
  };
}
