/** `npm run kills`: two hundred kills of the browser in the middle of typing, and what is lost each time. */
import { rmSync } from 'node:fs';
import { openBrowser } from '../tests/e2e/browser';
import { Gilvo } from '../tests/e2e/gilvo';
import { killOften } from '../tests/e2e/kills';
import { serve } from '../tests/e2e/server';

const TIMES = 200;

const server = await serve();
const browser = await openBrowser();
const gilvo = new Gilvo(server.origin);
gilvo.browser = browser;
try {
  const { corrupt, forgotten, lostMs } = await killOften(gilvo, TIMES, browser.profile);
  const sorted = [...lostMs].sort((a, b) => a - b);
  console.log(
    `${TIMES} kills: ${corrupt} corrupt, ${forgotten} gone that were in the store, lost ${sorted[TIMES / 2]} ms in the middle, ${sorted.at(-1)} ms at most`,
  );
} finally {
  await gilvo.browser.quit();
  await server.stop();
  rmSync(browser.profile, { recursive: true, force: true });
}
