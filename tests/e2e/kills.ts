import { takeSchema, type Take } from '@/core/sitting';
import { sitterSchema, type Sitter } from '@/core/people';
import { openBrowser } from './browser';
import { Gilvo } from './gilvo';
import { PATIENCE_MS } from './waits';

/** What became of a store whose browser was killed again and again in the middle of typing. */
export interface Killed {
  /** Records that could not be read afterwards. */
  corrupt: number;
  /** Edits that another page could read before the kill, and nobody after it. */
  forgotten: number;
  /** From the last keystroke that is on disk to the kill, milliseconds, for each kill. */
  lostMs: number[];
}

const PERSON = 'demo-odile';

/** Types the time into a field of a record, and returns it. */
const TYPE = `
  const field = document.querySelector('input[name="addressAs"]');
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  window.typeTime = () => {
    const nowMs = Date.now();
    set.call(field, 'at ' + nowMs);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    return nowMs;
  };
  return window.typeTime();`;
const GO_ON_TYPING = 'setInterval(window.typeTime, 20);';

/**
 * Kills the browser while something is typed, at moments spread evenly over half a second, and looks at what is on disk.
 * @param profile folder of the browser, which is gone on with.
 */
export async function killOften(gilvo: Gilvo, times: number, profile: string): Promise<Killed> {
  const killed: Killed = { corrupt: 0, forgotten: 0, lostMs: [] };
  for (let i = 0; i < times; i++) {
    await gilvo.open(`/people?person=${PERSON}`);
    await gilvo.one('input[name="addressAs"]');
    const storedMs = await gilvo.driver.executeScript<number>(TYPE);
    await gilvo.driver.wait(
      async () => (await gilvo.stored<Sitter>('sitters', PERSON)).addressAs === `at ${storedMs}`,
      PATIENCE_MS,
      'what was typed did not reach the store',
    );
    await gilvo.driver.executeScript(GO_ON_TYPING);
    await new Promise((resolve) => setTimeout(resolve, 400 + (500 * i) / times));
    const atMs = Date.now();
    await gilvo.browser.kill();
    gilvo.browser = await openBrowser({ profile });
    await gilvo.open('/people');
    await gilvo.one('ul[aria-label="People"] button');
    const sitter = await gilvo.stored<Sitter>('sitters', PERSON);
    const { takes } = JSON.parse(await gilvo.wholeStore()) as { takes: Take[] };
    const isSound =
      sitterSchema.safeParse(sitter).success && takes.every((t) => takeSchema.safeParse(t).success);
    if (!isSound) killed.corrupt++;
    const onDiskMs = Number(/^at (\d+)$/.exec(sitter.addressAs)?.[1] ?? 0);
    if (onDiskMs < storedMs) killed.forgotten++;
    killed.lostMs.push(atMs - onDiskMs);
  }
  return killed;
}
