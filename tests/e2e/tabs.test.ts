import { describe, expect, it } from 'vitest';
import type { Sitter } from '@/core/people';
import type { Take } from '@/core/sitting';
import { openGilvo } from './gilvo';
import { PATIENCE_MS } from './waits';

const gilvo = openGilvo();
const settingsOf = async (id: string) =>
  (await gilvo.stored<Take>('takes', id)).shot.people[0]!.pose.settings;

/** Does something in a second tab, and comes back to the first. */
async function inAnotherTab(act: () => Promise<void>): Promise<void> {
  const { driver } = gilvo;
  const first = await driver.getWindowHandle();
  await driver.switchTo().newWindow('tab');
  try {
    await act();
  } finally {
    await driver.close();
    await driver.switchTo().window(first);
  }
}

/**
 * Changes a stored record behind the page's back: nothing hears of it before the next write.
 * @param change what is done to `record`, as script.
 */
async function changeUnheard(table: string, id: string, change: string): Promise<void> {
  await gilvo.driver.executeAsyncScript(
    `const [table, id, done] = arguments;
     const open = indexedDB.open('gilvo');
     open.onsuccess = () => {
       const db = open.result;
       const records = db.transaction(table, 'readwrite').objectStore(table);
       records.get(id).onsuccess = ({ target: { result: record } }) => {
         ${change};
         records.put(record).onsuccess = () => { db.close(); done(); };
       };
     };`,
    table,
    id,
  );
}

async function shows(field: string, value: string): Promise<void> {
  await gilvo.driver.wait(
    async () => (await gilvo.fieldValue(field)) === value,
    PATIENCE_MS,
    `${field} is not ${value}`,
  );
}

describe('a take that is open in two tabs', () => {
  it('keeps what was changed in each, and each follows the other', async () => {
    await gilvo.pose(2);
    await inAnotherTab(async () => {
      await gilvo.pose(2);
      await gilvo.click('button[title^="head:"]');
      await gilvo.andSeen(() => gilvo.type('head turned left, °', '11'));
      await gilvo.saved();
    });
    await gilvo.click('button[title^="hips:"]');
    await gilvo.andSeen(() => gilvo.type('hips turned left, °', '-27'));
    await gilvo.saved();
    expect(await settingsOf('demo-take-2')).toMatchObject({ headTurnLeftDeg: 11, hipsTurnLeftDeg: -27 });
    await gilvo.click('button[title^="head:"]');
    await shows('head turned left, °', '11');
    // a step back takes back what was done here alone
    await gilvo.andSeen(() => gilvo.click('button[aria-label="Undo"]'));
    await gilvo.saved();
    const { headTurnLeftDeg, hipsTurnLeftDeg } = await settingsOf('demo-take-2');
    expect(headTurnLeftDeg).toBe(11);
    expect(hipsTurnLeftDeg).not.toBe(-27);
  });

  it('tells both values of what was changed in both, and gives the choice', async () => {
    await gilvo.pose(4);
    await gilvo.click('button[title^="hips:"]');
    await changeUnheard('takes', 'demo-take-4', 'record.shot.people[0].pose.settings.hipsTurnLeftDeg = 33');
    await gilvo.andSeen(() => gilvo.type('hips turned left, °', '-20'));
    expect(await gilvo.text('[data-testid="changed-elsewhere"] li')).toBe(
      'hips turned left: 33 ° there, -20 ° here',
    );
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.saved();
    expect((await settingsOf('demo-take-4')).hipsTurnLeftDeg).toBe(-20);
    await gilvo.andSeen(() => gilvo.press('Take the other'));
    await shows('hips turned left, °', '33');
    await gilvo.saved();
    expect((await settingsOf('demo-take-4')).hipsTurnLeftDeg).toBe(33);
    expect(await gilvo.texts('[data-testid="changed-elsewhere"]')).toEqual([]);
  });
});

describe('a record that is typed in in two tabs', () => {
  const kept = async (field: 'name' | 'addressAs', value: string) =>
    gilvo.driver.wait(
      async () => (await gilvo.stored<Sitter>('sitters', 'demo-odile'))[field] === value,
      PATIENCE_MS,
      `${field} was not kept`,
    );
  const typed = (field: string, value: string) =>
    gilvo.until(
      `document.querySelector('input[name="${field}"]').value === ${JSON.stringify(value)}`,
      `the form does not say ${value}`,
    );

  it('keeps what was typed in each', async () => {
    await gilvo.open('/people?person=demo-odile');
    await gilvo.one('form input[name="name"]');
    await inAnotherTab(async () => {
      await gilvo.open('/people?person=demo-odile');
      await gilvo.fill('input[name="addressAs"]', 'Coach');
      await kept('addressAs', 'Coach');
    });
    await gilvo.fill('input[name="name"]', 'Odile Lind');
    await kept('name', 'Odile Lind');
    await kept('addressAs', 'Coach');
    await typed('addressAs', 'Coach');
  });

  it('tells both values of what was changed in both, and gives the choice', async () => {
    await changeUnheard('sitters', 'demo-odile', 'record.addressAs = "Trainer"');
    await gilvo.fill('input[name="addressAs"]', 'Odile');
    const told = await gilvo.text('[data-testid="changed-elsewhere"] li');
    expect(told).toBe('addressed as: “Trainer” there, “Odile” here');
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('Take the other');
    await typed('addressAs', 'Trainer');
    await kept('addressAs', 'Trainer');
    expect(await gilvo.texts('[data-testid="changed-elsewhere"]')).toEqual([]);
  });
});
