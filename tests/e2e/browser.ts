import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, logging, type WebDriver, type WebElement } from 'selenium-webdriver';
import { Options, ServiceBuilder, type Driver } from 'selenium-webdriver/chrome.js';
import { killTree } from './processes';

process.env.SE_OFFLINE = 'true';

const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  // without a card the page is painted by the processor itself, not by a card that the processor plays
  '--disable-gpu-compositing',
  '--disable-dev-shm-usage',
  '--use-angle=swiftshader',
  '--enable-unsafe-swiftshader',
  '--disable-quic',
  '--no-first-run',
  '--no-default-browser-check',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--force-device-scale-factor=1',
  '--hide-scrollbars',
  '--window-size=1280,800',
];

export interface Size {
  width: number;
  height: number;
}
export const DESK_SIZE: Size = { width: 1280, height: 800 };
export const PHONE_SIZE: Size = { width: 390, height: 844 };
export const TABLET_SIZE: Size = { width: 820, height: 1180 };

/** A browser with its own profile folder and download folder. */
export interface Browser {
  driver: WebDriver;
  profile: string;
  downloads: string;
  size(size: Size): Promise<void>;
  /** Drags an element by a finger, in pixels. */
  fingerDrag(element: WebElement, x: number, y: number): Promise<void>;
  /** Addresses of every request since the start, of a browser that listens. */
  requests(): Promise<string[]>;
  /** The page as a PDF, on the paper that the page itself asks for. */
  print(): Promise<unknown>;
  quit(): Promise<void>;
  /** Kills the browser process at once, as a power cut would, keeping the profile. */
  kill(): Promise<void>;
}

export interface Opening {
  /** Folder of an earlier browser, whose data are gone on with. */
  profile?: string;
  /** Folder that a new browser begins with a copy of. */
  seed?: string;
  /** Whether every request is written down; it takes time from the page. */
  listens?: boolean;
}

/** Opens Debian's Chromium. */
export async function openBrowser({ profile, seed, listens = false }: Opening = {}): Promise<Browser> {
  const folder = profile ?? mkdtempSync(join(tmpdir(), 'gilvo-browser-'));
  if (seed) cpSync(seed, folder, { recursive: true });
  const downloads = mkdtempSync(join(tmpdir(), 'gilvo-downloads-'));
  const options = new Options();
  options.setChromeBinaryPath('/usr/bin/chromium');
  options.addArguments(...FLAGS, `--user-data-dir=${folder}`);
  options.setUserPreferences({ 'download.default_directory': downloads });
  const prefs = new logging.Preferences();
  if (listens) prefs.setLevel(logging.Type.PERFORMANCE, logging.Level.ALL);
  prefs.setLevel(logging.Type.BROWSER, logging.Level.ALL);
  options.setLoggingPrefs(prefs);
  const driver = (await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
    .build()) as Driver;
  await driver.sendDevToolsCommand('Page.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: downloads,
  });
  const seen: string[] = [];
  const size = (s: Size) =>
    driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      ...s,
      deviceScaleFactor: 1,
      mobile: false,
    });
  await size(DESK_SIZE);
  return {
    driver,
    profile: folder,
    downloads,
    async fingerDrag(element, x, y) {
      const box = await driver.executeScript<DOMRect>(
        'return arguments[0].getBoundingClientRect().toJSON()',
        element,
      );
      const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
      const touch = (type: string, touchPoints: { x: number; y: number }[]) =>
        driver.sendDevToolsCommand('Input.dispatchTouchEvent', { type, touchPoints });
      await touch('touchStart', [from]);
      for (let i = 1; i <= 8; i++)
        await touch('touchMove', [{ x: from.x + (x * i) / 8, y: from.y + (y * i) / 8 }]);
      await touch('touchEnd', []);
    },
    size: async (s) => void (await size(s)),
    async requests() {
      for (const entry of await driver.manage().logs().get(logging.Type.PERFORMANCE)) {
        const { message } = JSON.parse(entry.message) as {
          message: { method: string; params: { request?: { url: string } } };
        };
        if (message.method === 'Network.requestWillBeSent') seen.push(message.params.request!.url);
      }
      return seen;
    },
    print: () => driver.sendAndGetDevToolsCommand('Page.printToPDF', { preferCSSPageSize: true }),
    async quit() {
      await driver.quit().catch(() => undefined);
      rmSync(downloads, { recursive: true, force: true });
      if (!profile) rmSync(folder, { recursive: true, force: true });
    },
    async kill() {
      const id = (await driver.getCapabilities()).get('goog:processID') as number | undefined;
      if (!id) throw new Error('the browser did not tell its process');
      // what it has started would hold the store's files for a while yet
      await killTree(id);
      await driver.quit().catch(() => undefined);
      rmSync(downloads, { recursive: true, force: true });
    },
  };
}
