import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import axe, { type AxeResults } from 'axe-core';
import { By, Key, until, type Condition, type WebElement } from 'selenium-webdriver';
import { afterAll, beforeAll, inject } from 'vitest';
import { openBrowser, type Browser, type Opening, type Size } from './browser';
import { drawn, pageState, PATIENCE_MS, still } from './waits';

/** The production build in a browser, and the moves that tests make in it. */
export class Gilvo {
  readonly server: { origin: string };
  browser!: Browser;
  private readonly files: string[] = [];

  /** @param origin where the build is served; that of all browser tests where nothing is said. */
  constructor(origin = inject('origin')) {
    this.server = { origin };
  }

  get driver() {
    return this.browser.driver;
  }

  /** Opens a path of the application and waits for its fonts. */
  async open(path: string, size?: Size): Promise<void> {
    if (size) await this.browser.size(size);
    await this.driver.get(this.server.origin + path);
    await still(this.driver);
  }

  /** Opens a take of the demo in Pose and waits until it is drawn. */
  async pose(take = 1): Promise<void> {
    await this.open(`/pose?sitting=demo-yearbook&take=demo-take-${take}`);
    await drawn(this.driver);
  }

  /** Waits for what a test cannot go on without; where it does not come, the page says how it stands. */
  async wait<T>(condition: Condition<T> | (() => Promise<T>), what: string): Promise<T> {
    try {
      return await this.driver.wait<T>(condition as Condition<T>, PATIENCE_MS);
    } catch (error) {
      throw new Error(`${what}; ${await pageState(this.driver)}`, { cause: error });
    }
  }

  /** The one element that a selector finds; waits for it. */
  async one(css: string): Promise<WebElement> {
    return this.wait<WebElement>(until.elementLocated(By.css(css)), `nothing matches ${css}`);
  }

  async click(css: string): Promise<void> {
    await (await this.one(css)).click();
  }

  /** Presses the button, the link or the head of what is folded away with exactly these words. */
  async press(words: string, within = ''): Promise<void> {
    const path = `${within}//*[self::button or self::a or self::summary][normalize-space()="${words}"]`;
    await (await this.wait<WebElement>(until.elementLocated(By.xpath(path)), `no button ${words}`)).click();
  }

  async text(css: string): Promise<string> {
    return (await this.one(css)).getText();
  }

  async texts(css: string): Promise<string[]> {
    return this.driver.executeScript<string[]>(
      'return [...document.querySelectorAll(arguments[0])].map((e) => e.textContent.trim())',
      css,
    );
  }

  /** Waits until the page says so. `script` is an expression; what it asks for may not be there yet. */
  async until(script: string, what: string): Promise<void> {
    await this.wait(
      async () =>
        Boolean(await this.driver.executeScript(`try { return (${script}) } catch { return false }`)),
      what,
    );
  }

  /** Waits until something is right that only the test knows. */
  async comes(isRight: () => Promise<boolean>, what: string): Promise<void> {
    await this.wait(isRight, what);
  }

  /** Chooses in a select, by its name, what is shown there with some words. */
  async chooseIn(name: string, words: string): Promise<void> {
    const select = await this.one(`select[aria-label="${name}"]`);
    await (await select.findElement(By.xpath(`.//option[normalize-space()="${words}"]`))).click();
  }

  /** Types a number into a field that is found by its label, and confirms it. */
  async type(label: string, value: string): Promise<void> {
    const field = await this.one(`input[aria-label="${label}"]`);
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), value, Key.ENTER);
  }

  async fieldValue(label: string): Promise<string> {
    return (await (await this.one(`input[aria-label="${label}"]`)).getAttribute('value')) ?? '';
  }

  /** The field under a label, by the label's own words. */
  async labelled(label: string): Promise<WebElement> {
    const path = `//label[span[normalize-space()="${label}"]]//*[self::input or self::textarea or self::select]`;
    return this.wait<WebElement>(until.elementLocated(By.xpath(path)), `no field ${label}`);
  }

  /** Types into the field under a label and leaves it. */
  async write(label: string, text: string): Promise<void> {
    await (await this.labelled(label)).sendKeys(Key.chord(Key.CONTROL, 'a'), text, Key.TAB);
  }

  /** Chooses in the list under a label, by the words of the choice. */
  async pick(label: string, words: string): Promise<void> {
    const list = await this.labelled(label);
    await list.findElement(By.xpath(`.//option[normalize-space()="${words}"]`)).click();
  }

  /** Recomputes so far. */
  async recomputes(): Promise<number> {
    return Number(await (await this.one('[data-testid="pose-place"]')).getAttribute('data-recomputes'));
  }

  /** Does something in Pose and waits until the studio has answered it. */
  async andSeen(act: () => Promise<unknown>): Promise<void> {
    const before = await this.recomputes();
    await act();
    await this.until(
      `Number(document.querySelector('[data-testid="pose-place"]').dataset.recomputes) > ${before}`,
      'no recompute after the change',
    );
    await drawn(this.driver);
  }

  /** Ids of the open findings, in the order of the work; several words of an id stay together. */
  async findings(): Promise<string[]> {
    return this.driver.executeScript<string[]>(
      'return document.querySelector("[data-testid=findings]").dataset.all.split("|").filter(Boolean)',
    );
  }

  /** Unfolds a finding, whether it is told at all or folded to a line. */
  async unfold(id: string): Promise<void> {
    const line = `[data-finding="${id}"]`;
    const isTold = () =>
      this.driver.executeScript<boolean>('return !!document.querySelector(arguments[0])', line);
    if (!(await isTold())) await this.click('[data-testid="findings"] + button');
    const folded = await this.driver.findElements(By.css(`${line} h3 button[aria-expanded="false"]`));
    await folded[0]?.click();
  }

  /** Waits until everything that was edited is in the store. */
  async saved(): Promise<void> {
    await this.until('document.querySelector("[data-testid=saved]")?.textContent === "Saved"', 'not saved');
  }

  /** A record of the store as it stands on disk. */
  async stored<T>(table: string, key: string): Promise<T> {
    return this.driver.executeAsyncScript<T>(
      `const [table, key, done] = arguments;
       const open = indexedDB.open('gilvo');
       open.onsuccess = () => {
         const get = open.result.transaction(table).objectStore(table).get(key);
         get.onsuccess = () => { open.result.close(); done(get.result ?? null); };
       };`,
      table,
      key,
    );
  }

  /** Writes a record into the store behind the page's back, sound or not. */
  async putBehind(table: string, record: unknown): Promise<void> {
    await this.driver.executeAsyncScript(
      `const [table, record, done] = arguments;
       const open = indexedDB.open('gilvo');
       open.onsuccess = () => {
         const put = open.result.transaction(table, 'readwrite').objectStore(table).put(record);
         put.onsuccess = () => { open.result.close(); done(); };
       };`,
      table,
      record,
    );
  }

  /** Faults that the accessibility checker finds on the page, as readable lines. */
  async violations(): Promise<string[]> {
    if (!(await this.driver.executeScript<boolean>('return "axe" in window')))
      await this.driver.executeScript(axe.source);
    const violations = await this.driver.executeAsyncScript<AxeResults['violations']>(
      `const done = arguments[0];
       window.axe.run(document, { resultTypes: ['violations'] }).then((r) => done(r.violations));`,
    );
    return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`);
  }

  /** Writes a file that a test can hand to the page. */
  file(name: string, text: string): string {
    const folder = mkdtempSync(join(tmpdir(), 'gilvo-files-'));
    this.files.push(folder);
    writeFileSync(join(folder, name), text);
    return join(folder, name);
  }

  /** Everything that the store holds on disk, as text. */
  async wholeStore(): Promise<string> {
    return this.driver.executeAsyncScript<string>(
      `const done = arguments[0];
       const open = indexedDB.open('gilvo');
       open.onsuccess = async () => {
         const db = open.result;
         const all = {};
         for (const name of db.objectStoreNames)
           all[name] = await new Promise((r) => {
             const get = db.transaction(name).objectStore(name).getAll();
             get.onsuccess = () => r(get.result);
           });
         db.close();
         done(JSON.stringify(all, (_, v) => (ArrayBuffer.isView(v) ? v.length : v)));
       };`,
    );
  }

  /** Empties the store but for the mark that the demo was placed, as it is for somebody who begins. */
  async emptyStore(): Promise<void> {
    await this.driver.executeAsyncScript(
      `const done = arguments[0];
       const open = indexedDB.open('gilvo');
       open.onsuccess = async () => {
         const db = open.result;
         for (const name of db.objectStoreNames)
           if (name !== 'preferences')
             await new Promise((r) => {
               db.transaction(name, 'readwrite').objectStore(name).clear().onsuccess = r;
             });
         db.close();
         done();
       };`,
    );
  }

  /** Chooses an option by its value. */
  async choose(css: string, value: string): Promise<void> {
    await this.click(`${css} option[value="${value}"]`);
  }

  /** Replaces the text of a field. */
  async fill(css: string, text: string): Promise<void> {
    const field = await this.one(css);
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text || Key.DELETE);
  }

  /** Waits for a finished download and returns its text. */
  async downloaded(ending = '.json'): Promise<{ name: string; text: string }> {
    const { name, bytes } = await this.downloadedBytes(ending);
    return { name, text: bytes.toString('utf8') };
  }

  /** Waits for a finished download and returns its bytes. */
  async downloadedBytes(ending: string): Promise<{ name: string; bytes: Buffer }> {
    let name = '';
    const all = () => readdirSync(this.browser.downloads);
    await this.wait(
      () => Promise.resolve(Boolean((name = all().find((file) => file.endsWith(ending)) ?? ''))),
      'nothing was downloaded',
    );
    return { name, bytes: readFileSync(join(this.browser.downloads, name)) };
  }

  async start(opening?: Opening): Promise<void> {
    this.browser = await openBrowser({ seed: inject('profile'), ...opening });
  }

  async end(): Promise<void> {
    await this.browser?.quit();
    for (const folder of this.files) rmSync(folder, { recursive: true, force: true });
  }
}

/** Starts a browser before the tests of a file and ends it after. */
export function openGilvo(opening?: Opening): Gilvo {
  const gilvo = new Gilvo();
  beforeAll(() => gilvo.start(opening));
  afterAll(() => gilvo.end());
  return gilvo;
}
