import type { Driver } from 'selenium-webdriver/chrome';
import { describe, expect, it } from 'vitest';
import type { Sitter } from '@/core/people';
import type { Frame, Sitting, Take } from '@/core/sitting';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
const chrome = () => gilvo.driver as Driver;
const run = (script: string) => gilvo.driver.executeScript(script);
const DIRECT = '/direct?sitting=demo-yearbook';

/** Has every write fail as on a full disk, from now on; or no longer. */
async function full(isFull: boolean): Promise<void> {
  await run(`
    window.__put ??= { put: IDBObjectStore.prototype.put, add: IDBObjectStore.prototype.add };
    for (const name of ['put', 'add'])
      IDBObjectStore.prototype[name] = ${isFull}
        ? () => { throw new DOMException('no room', 'QuotaExceededError'); }
        : window.__put[name];`);
}

/** The store takes writes again and is asked to at once: in one go, or it would be asked by itself in between. */
async function giveWay(): Promise<void> {
  await run(`
    Object.assign(IDBObjectStore.prototype, window.__put);
    [...document.querySelectorAll('[data-testid="unkept"] button')]
      .find((button) => button.textContent.trim() === 'Try now')
      .click();`);
}

/** Runs a script in every page before its own, while something is done. */
async function beforeEveryPage(source: string, act: () => Promise<void>): Promise<void> {
  const added = await chrome().sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source });
  const { identifier } = added as unknown as { identifier: string };
  try {
    await act();
  } finally {
    await chrome().sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier });
  }
}
const fault = () => gilvo.one('[data-testid="store-fault"]').then((e) => e.getAttribute('data-fault'));
const told = (words: string) =>
  gilvo.until(
    `document.querySelector('[data-testid="unkept"]').textContent.includes(${JSON.stringify(words)})`,
    `not told: ${words}`,
  );
const nothingTold = () =>
  gilvo.until(
    `!document.querySelector('[data-testid="unkept"]')`,
    'still told that something is not on disk',
  );
const leave = (href: string) => run(`document.querySelector('a[href^="${href}"]').click()`);

describe('a store that refuses', () => {
  it('is told in Pose and in the places one goes on to, and the edit is written when it gives way', async () => {
    await gilvo.pose(2);
    await gilvo.click('button[title^="hips:"]');
    await full(true);
    await gilvo.andSeen(() => gilvo.type('hips turned left, °', '-31'));
    await told('An edit of a pose is not on disk: there is no room left on this device.');
    expect(await gilvo.text('[data-testid="saved"]')).toBe('Not saved');
    expect(await gilvo.violations()).toEqual([]);
    await leave('/run');
    await gilvo.one('[data-testid="run-total"]');
    await told('An edit of a pose is not on disk');
    await giveWay();
    await nothingTold();
    const take = await gilvo.stored<Take>('takes', 'demo-take-2');
    expect(take.shot.people[0]!.pose.settings.hipsTurnLeftDeg).toBe(-31);
  });

  it('does not stop Direct: frames count, the next cue comes, and all of it is written later', async () => {
    await gilvo.open(DIRECT);
    const counted = () => gilvo.text('[data-testid="frame-count"]');
    const before = await counted();
    await full(true);
    const cue = await gilvo.text('[data-testid="cue"]');
    await gilvo.click('[data-act=keeper]');
    await gilvo.until(
      `document.querySelector('[data-testid="frame-count"]').innerText !== ${JSON.stringify(before)}`,
      'the keeper was not counted',
    );
    await gilvo.click('[data-act=next]');
    await gilvo.until(
      `document.querySelector('[data-testid="cue"]').innerText !== ${JSON.stringify(cue)}`,
      'the next cue did not come',
    );
    await told('A frame is not on disk');
    await giveWay();
    await nothingTold();
    const frames = (JSON.parse(await gilvo.wholeStore()) as { frames: Frame[] }).frames;
    expect(frames.filter((f) => f.keeper)).toHaveLength(1);
  });

  it.each([
    ['/new', 'The new sitting', () => gilvo.press('Start with one pose')],
    ['/run?sitting=demo-yearbook', 'The removal', () => gilvo.click('button[aria-label^="Remove"]')],
    [
      '/people',
      'The new person',
      async () => {
        await gilvo.fill('input[name="newName"]', 'Marit Holm');
        await gilvo.press('Add');
      },
    ],
    ['/people?person=demo-odile', 'The move to or from the bin', () => gilvo.press('Bin')],
    [
      '/people?person=demo-odile',
      'An edit of a person’s record',
      () => gilvo.fill('input[name="addressAs"]', 'Coach'),
    ],
    ['/brief?sitting=demo-yearbook', 'A change of the brief', () => gilvo.press('Add a look')],
  ])('in %s says: %s is not on disk; until it is', async (path, thing, act) => {
    await gilvo.open(path);
    await gilvo.one('main');
    await gilvo.until(
      '!document.querySelector("main [role=status]")?.textContent.startsWith("Opening")',
      'not open',
    );
    await full(true);
    await act();
    await told(`${thing} is not on disk`);
    await giveWay();
    await nothingTold();
  });

  it('gives a file of the sitting and a backup all the same', async () => {
    await gilvo.open('/');
    await gilvo.one('article');
    await full(true);
    await gilvo.press('Save to a file');
    expect((await gilvo.downloaded('.json')).text).toContain('gilvo.sitting');
    await gilvo.press('Back up everything');
    expect((await gilvo.downloaded('.gilvo')).text).toContain('gilvo.backup');
    await full(false);
  });

  it('asks before a page is closed that would lose something', async () => {
    await gilvo.open('/people?person=demo-odile');
    await gilvo.one('input[name="addressAs"]');
    await full(true);
    await gilvo.fill('input[name="addressAs"]', 'Captain');
    await told('An edit of a person’s record');
    const asks = () =>
      run('const e = new Event("beforeunload", { cancelable: true }); return !dispatchEvent(e)');
    expect(await asks()).toBe(true);
    await gilvo.press('Give it up');
    await nothingTold();
    // the page shows again what stands in the store
    const { addressAs } = await gilvo.stored<Sitter>('sitters', 'demo-odile');
    await gilvo.until(
      `document.querySelector('input[name="addressAs"]').value === ${JSON.stringify(addressAs)}`,
      'what was given up is still shown',
    );
    expect(await asks()).toBe(false);
    await full(false);
  });
});

describe('a store that cannot be used', () => {
  it.each([
    ['absent', 'Object.defineProperty(window, "indexedDB", { value: undefined })', 'keeps nothing for Gilvo'],
    [
      'damaged',
      'IDBFactory.prototype.open = () => { throw new DOMException("internal error", "UnknownError") }',
      'cannot be read',
    ],
  ])('because it is %s is told in plain words, with a way on', async (kind, script, words) => {
    await beforeEveryPage(script, async () => {
      await gilvo.open('/');
      expect(await fault()).toBe(kind);
      expect(await gilvo.text('h1')).toContain(words);
      expect(await gilvo.violations()).toEqual([]);
    });
    await gilvo.press('Load anew');
    await gilvo.one('article');
  });

  it('because an older Gilvo holds it goes on by itself when that is closed', async () => {
    const { driver } = gilvo;
    // a page without Gilvo makes the store anew in an older form, and does not let go of it
    await gilvo.open('/icon.svg');
    await driver.executeAsyncScript(`
      const done = arguments[0];
      indexedDB.deleteDatabase('gilvo').onsuccess = () => {
        const open = indexedDB.open('gilvo', 10);
        open.onupgradeneeded = () => {
          for (const name of ['sitters', 'sittings', 'takes', 'frames'])
            open.result.createObjectStore(name, { keyPath: 'id' });
          open.result
            .createObjectStore('preferences', { keyPath: 'key' })
            .put({ key: 'storeId', value: 'older' });
        };
        open.onsuccess = () => { window.held = open.result; done(); };
      };`);
    const older = await driver.getWindowHandle();
    await driver.switchTo().newWindow('tab');
    await gilvo.open('/');
    expect(await fault()).toBe('held');
    expect(await gilvo.text('h1')).toBe('An older Gilvo is open in another tab');
    expect(await gilvo.violations()).toEqual([]);
    const newer = await driver.getWindowHandle();
    await driver.switchTo().window(older);
    await driver.close();
    await driver.switchTo().window(newer);
    // brought up to date, it has what every new store has
    await gilvo.one('article');
  });

  it('because a newer Gilvo has brought it on gives way, and says so', async () => {
    await gilvo.open('/');
    await gilvo.one('article');
    // a page of a newer Gilvo opens it in a form of its own
    await gilvo.driver.executeAsyncScript(`
      const done = arguments[0];
      indexedDB.databases().then((all) => {
        const { version } = all.find((d) => d.name === 'gilvo');
        indexedDB.open('gilvo', version + 10).onsuccess = ({ target: { result } }) => {
          result.close();
          done();
        };
      });`);
    expect(await fault()).toBe('outdated');
    expect(await gilvo.text('[data-testid="store-fault"]')).toContain('A newer Gilvo is at work');
    // what was read stays on the page; loaded anew it says the same
    await gilvo.one('article');
    await gilvo.open('/');
    expect(await fault()).toBe('outdated');
  });

  it('because it was cleared is not made anew by itself; what was here is said to be gone', async () => {
    await gilvo.driver.executeAsyncScript(`
      const done = arguments[0];
      indexedDB.deleteDatabase('gilvo').onsuccess = () => done();`);
    await gilvo.open('/');
    expect(await fault()).toBe('lost');
    expect(await gilvo.text('h1')).toBe('What was kept here is gone');
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('Begin anew');
    await gilvo.one('article');
    // cleared while it is open, as a person does in the browser's settings
    await gilvo.pose(1);
    await chrome().sendDevToolsCommand('Storage.clearDataForOrigin', {
      origin: gilvo.server.origin,
      storageTypes: 'indexeddb',
    });
    expect(await fault()).toBe('cleared');
    await gilvo.click('button[title^="hips:"]');
    await gilvo.andSeen(() => gilvo.type('hips turned left, °', '-30'));
    const left = await gilvo.driver.executeAsyncScript<string[]>(
      'const done = arguments[0]; setTimeout(() => indexedDB.databases().then((d) => done(d.map((x) => x.name))), 700)',
    );
    expect(left).toEqual([]);
    await gilvo.press('Load anew');
    expect(await fault()).toBe('lost');
    await gilvo.press('Begin anew');
    await gilvo.one('article');
  });
});

describe('a broken record', () => {
  it('is set aside with its reason, and everything else works', async () => {
    const take = await gilvo.stored<Take>('takes', 'demo-take-3');
    const { camera: _, ...shot } = take.shot;
    await gilvo.putBehind('takes', { ...take, shot });
    await gilvo.open('/run?sitting=demo-yearbook');
    await gilvo.one('main');
    await gilvo.open('/');
    const said = await gilvo.text('[data-testid="set-aside"]');
    expect(said).toContain(take.shot.people[0]!.pose.name);
    expect(said).toContain('shot.camera is missing: give an object');
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('Save it as it is');
    expect((JSON.parse((await gilvo.downloaded('takes-demo-take-3.json')).text) as Take).id).toBe(
      'demo-take-3',
    );
    await gilvo.press('Mend it');
    await gilvo.until('!document.querySelector("[data-testid=set-aside]")', 'not mended');
    const mended = await gilvo.stored<Take>('takes', 'demo-take-3');
    expect(mended.shot.people[0]!.pose).toEqual(take.shot.people[0]!.pose);
  });

  it('of a sitting leaves the desk standing', async () => {
    const sitting = await gilvo.stored<Sitting>('sittings', 'demo-yearbook');
    await gilvo.putBehind('sittings', { ...sitting, minutes: 'thirty' });
    await gilvo.open('/');
    expect(await gilvo.text('[data-testid="set-aside"]')).toContain('minutes is "thirty": give a number');
    await gilvo.press('Mend it');
    await gilvo.one('article');
  });
});

it('a fault of Gilvo itself is said in its own words, with the data to be saved', async () => {
  await beforeEveryPage('Date.prototype.getDay = () => { throw new Error("no day") }', async () => {
    await gilvo.open('/');
    await gilvo.until(
      'document.querySelector("h1").textContent === "This place could not be shown"',
      'no words of its own',
    );
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('Save everything to a file');
    expect((await gilvo.downloaded('.gilvo')).text).toContain('"gilvo.backup"');
  });
  await gilvo.press('Go to the desk');
  await gilvo.one('article');
});

describe('what works out pictures', () => {
  it('is started anew when it dies, and answers what was asked', async () => {
    const spy = `
      const Real = Worker;
      window.__workers = [];
      window.Worker = class extends Real {
        constructor(...given) { super(...given); window.__workers.push(this); }
      };`;
    await beforeEveryPage(spy, async () => {
      await gilvo.pose(1);
      await gilvo.click('button[title^="hips:"]');
      await run('for (const worker of window.__workers) worker.terminate()');
      await gilvo.andSeen(() => gilvo.type('hips turned left, °', '-22'));
      expect(await gilvo.text('[data-testid="studio-restarted"]')).toContain('was started anew');
      expect(await gilvo.violations()).toEqual([]);
      await gilvo.press('Understood');
      expect(await gilvo.texts('[data-testid="studio-restarted"]')).toEqual([]);
      await gilvo.andSeen(() => gilvo.type('hips turned left, °', '-24'));
    });
  });

  it('stands in with the measured picture where the graphics card is lost, until it is back', async () => {
    await gilvo.pose(1);
    await run(`
      const canvas = document.querySelector('[data-testid="viewfinder"] canvas');
      window.__card = canvas.getContext('webgl2').getExtension('WEBGL_lose_context');
      window.__card.loseContext();`);
    await gilvo.one('[data-testid="drag-preview"][data-state="drawn"]');
    await gilvo.click('button[title^="hips:"]');
    const before = await gilvo.recomputes();
    await gilvo.type('hips turned left, °', '-12');
    await gilvo.until(
      `Number(document.querySelector('[data-testid="pose-place"]').dataset.recomputes) > ${before}`,
      'no answer without the graphics card',
    );
    await run('window.__card.restoreContext()');
    await gilvo.until(
      '!document.querySelector("[data-testid=drag-preview]")',
      'the drawn picture is not back',
    );
  });

  it('stands in with the measured picture where there is no graphics card', async () => {
    const none = `
      const real = HTMLCanvasElement.prototype.getContext;
      HTMLCanvasElement.prototype.getContext = function (kind, ...how) {
        return kind.startsWith('webgl') ? null : real.call(this, kind, ...how);
      };`;
    await beforeEveryPage(none, async () => {
      await gilvo.open('/pose?sitting=demo-yearbook&take=demo-take-1');
      await gilvo.one('[data-testid="drag-preview"][data-state="drawn"]');
      expect(await gilvo.violations()).toEqual([]);
    });
  });
});
