import { writeFileSync } from 'node:fs';
import { By } from 'selenium-webdriver';
import { openBrowser, PHONE_SIZE } from '../tests/e2e/browser';
import { Gilvo } from '../tests/e2e/gilvo';
import { serve } from '../tests/e2e/server';
void (async () => {
  const server = await serve();
  const g = new Gilvo(server.origin);
  g.browser = await openBrowser();
  const { driver } = g;
  const shot = async (n: string) =>
    writeFileSync(`/tmp/shot-${n}.png`, Buffer.from(await driver.takeScreenshot(), 'base64'));
  try {
    await g.open('/people?person=demo-joss');
    await g.press('Belongs to');
    await g.one('section[aria-label="Ines and Joss"]');
    await shot('group');
    await g.press('New sitting with all', '//section[@aria-label="The eight"]');
    await g.one('section[aria-label="People of the sitting"]');
    await new Promise((r) => setTimeout(r, 600));
    await shot('brief');
    const id = await driver.executeScript('return new URLSearchParams(location.search).get("sitting")');
    await g.open(`/run?sitting=${id}`);
    await g.one('ol h2');
    const sel = await g.one('select[aria-label="Add a pose of the house"]');
    await (await sel.findElement(By.xpath('.//option[normalize-space()="Slipway sway"]'))).click();
    await new Promise((r) => setTimeout(r, 3000));
    await shot('run');
    await g.open(`/pose?sitting=${id}`);
    await g.one('[data-testid="pose-place"][data-surface]:not([data-surface="none"])');
    await new Promise((r) => setTimeout(r, 6000));
    await shot('pose');
    await g.open(`/sheet?sitting=${id}&for=client`);
    await g.one('h1');
    await shot('sheet');
    await g.open(`/`);
    await g.one('article canvas[data-state="drawn"]');
    await shot('desk');
    await g.browser.size(PHONE_SIZE);
    await g.open(`/brief?sitting=${id}`, PHONE_SIZE);
    await g.one('section[aria-label="People of the sitting"]');
    await new Promise((r) => setTimeout(r, 600));
    await shot('brief-phone');
    await g.open(`/sheet?sitting=${id}&for=client`, PHONE_SIZE);
    await g.one('h1');
    await shot('sheet-phone');
  } catch (e) {
    console.log(String(e).slice(0, 300));
  } finally {
    await g.browser.quit();
    await server.stop();
    process.exit();
  }
})();
