import { Key } from 'selenium-webdriver';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Sitter } from '@/core/people';
import { DESK_SIZE, PHONE_SIZE } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();

beforeAll(async () => {
  await gilvo.open('/people', DESK_SIZE);
  await gilvo.one('ul[aria-label="People"] button');
  await gilvo.emptyStore();
});

describe('people from files', () => {
  const chooseFile = async (path: string) =>
    (await gilvo.one('input[aria-label="File of people"]')).sendKeys(path);

  it('are shown before they are added, line by line', async () => {
    await gilvo.open('/people?do=import', DESK_SIZE);
    await gilvo.one('input[aria-label="File of people"]');
    const csv = 'Full name;Height cm;Age;Remark\nMarit Aas;171;34;likes rain\nTor Moe;17;40;\n;180;20;\n';
    await chooseFile(gilvo.file('people.csv', csv));
    await gilvo.one('table');
    expect(await gilvo.text('[role="alert"]')).toBe(
      'line 3: stature, cm “17”: give 40 to 240 cm\nline 4: name is missing',
    );
    await gilvo.choose('select[aria-label="Column Remark is"]', 'note');
    await gilvo.press('Add 1 person');
    await gilvo.until('document.querySelector("[data-testid=found]").textContent === "1 of 1"', 'not added');
    const stored = JSON.parse(await gilvo.wholeStore()) as { sitters: Sitter[] };
    expect(stored.sitters).toHaveLength(1);
    expect(stored.sitters[0]).toMatchObject({ name: 'Marit Aas', note: 'likes rain' });
    expect(stored.sitters[0]!.profile.statureM).toBe(1.71);
  });

  it('come from cards too, and a broken file adds nothing', async () => {
    await gilvo.open('/people?do=import', DESK_SIZE);
    const card = [
      'BEGIN:VCARD',
      'VERSION:3.0',
      'FN:Sofie Ødegård',
      'N:Ødegård;Sofie;;;',
      'TEL;TYPE=CELL:+47 000',
      'BDAY:1990-02-03',
      'CATEGORIES:crew,coach',
      'END:VCARD',
    ].join('\r\n');
    await chooseFile(gilvo.file('broken.vcf', 'BEGIN:VCARD\r\nFN:Half'));
    expect(await gilvo.text('[role="alert"]')).toMatch(/^broken\.vcf was not read: .*Nothing was added\.$/);
    await chooseFile(gilvo.file('card.vcf', card));
    await gilvo.press('Add 1 person');
    await gilvo.until('document.querySelector("[data-testid=found]").textContent === "2 of 2"', 'not added');
    const { sitters } = JSON.parse(await gilvo.wholeStore()) as { sitters: Sitter[] };
    const sofie = sitters.find((s) => s.name === 'Sofie Ødegård')!;
    expect(sofie).toMatchObject({ phone: '+47 000', tags: ['crew', 'coach'] });
    expect(sofie.profile.ageYears).toBeGreaterThanOrEqual(35);
  });

  it('go out as CSV and as cards', async () => {
    await gilvo.open('/people', DESK_SIZE);
    await gilvo.one('ul[aria-label="People"] button');
    await gilvo.press('CSV');
    const csv = await gilvo.downloaded('.csv');
    expect(csv.text.split(/\r?\n/)).toHaveLength(3);
    expect(csv.text).toContain('Marit Aas');
    await gilvo.press('vCard');
    const cards = await gilvo.downloaded('.vcf');
    expect(cards.text.match(/BEGIN:VCARD/g)).toHaveLength(2);
    expect(cards.text).toContain('FN:Sofie Ødegård');
  });
});

describe('a long list', () => {
  it('of two thousand people is searched at once, with few rows on the page', async () => {
    await gilvo.open('/people', DESK_SIZE);
    await gilvo.one('ul[aria-label="People"] button');
    await gilvo.driver.executeAsyncScript(
      `const done = arguments[0];
       const open = indexedDB.open('gilvo');
       open.onsuccess = () => {
         const db = open.result;
         const tx = db.transaction('sitters', 'readwrite');
         const store = tx.objectStore('sitters');
         store.getAll().onsuccess = (e) => {
           const one = e.target.result[0];
           for (let i = 0; i < 2000; i++)
             store.put({ ...one, id: 'many-' + i, name: 'Person ' + String(i).padStart(4, '0'), tags: i % 2 ? ['odd'] : [] });
         };
         tx.oncomplete = () => { db.close(); done(); };
       };`,
    );
    await gilvo.open('/people');
    await gilvo.until(
      'document.querySelector("[data-testid=found]")?.textContent === "2002 of 2002"',
      'not all',
    );
    const rows = () =>
      gilvo.driver.executeScript<number>(
        'return document.querySelectorAll("ul[aria-label=People] li").length',
      );
    expect(await rows()).toBeLessThan(60);
    await (await gilvo.one('input[aria-label="Search people"]')).sendKeys('person 1234');
    await gilvo.until(
      'document.querySelector("[data-testid=found]").textContent === "1 of 2002"',
      'not found',
    );
    expect(await gilvo.text('ul[aria-label="People"] li')).toContain('Person 1234');
    await gilvo.fill('input[aria-label="Search people"]', '');
    await gilvo.choose('select[aria-label="Tag"]', 'odd');
    await gilvo.until(
      'document.querySelector("[data-testid=found]").textContent === "1000 of 2002"',
      'no tag',
    );
    await gilvo.choose('select[aria-label="Order"]', 'name down');
    await gilvo.until(
      'document.querySelector("ul[aria-label=People] li").textContent.includes("Person 1999")',
      'not in this order',
    );
    const first = await gilvo.one('ul[aria-label="People"] li button');
    await first.sendKeys(Key.ARROW_DOWN);
    await gilvo.until('document.activeElement.textContent.includes("Person 1997")', 'arrow keys do not move');
    await gilvo.driver.switchTo().activeElement().sendKeys(Key.ENTER);
    await gilvo.until(
      'document.querySelector("form input[name=name]")?.value === "Person 1997"',
      'not opened',
    );
  });

  it('on a phone shows the list, then the person, and the way back', async () => {
    await gilvo.open('/people', PHONE_SIZE);
    await gilvo.click('ul[aria-label="People"] li button');
    await gilvo.one('form input[name="name"]');
    expect(await (await gilvo.one('input[aria-label="Search people"]')).isDisplayed()).toBe(false);
    await gilvo.press('All people');
    await gilvo.until('!document.querySelector("form input[name=name]")', 'the record stayed');
    expect(await (await gilvo.one('input[aria-label="Search people"]')).isDisplayed()).toBe(true);
  });
});
