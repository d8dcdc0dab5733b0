import { describe, expect, it } from 'vitest';
import { DEMO_PEOPLE as PEOPLE } from '@/data/demo/demoPeople';
import type { Sitter } from '@/core/people';
import { peopleAsCards, peopleAsCsv, readCards, readCsv } from './peopleText';

const TODAY = new Date('2026-12-05T10:00:00Z');
const [FIRST] = PEOPLE as [Sitter, ...Sitter[]];
const card = (...lines: string[]) => ['BEGIN:VCARD', 'VERSION:3.0', ...lines, 'END:VCARD'].join('\r\n');
const names = ({ headings, lines }: { headings: string[]; lines: string[][] }) =>
  lines.map((cells) => cells[headings.indexOf('fn')]);

describe('people as CSV', () => {
  it.each(['=1+1', '+31 6', '-', '@home', 'a;=1', 'a, =1', 'a;\t@b', ' =2', 'two\n=3', 'plain; text'])(
    'give a spreadsheet no formula, and come back as they were: %j',
    (note) => {
      const csv = peopleAsCsv([{ ...FIRST, note }]);
      const cells = csv.split('\r\n')[1]!.split(/[;,\t\n]/);
      for (const cell of cells) expect(cell.trim().replace(/^"/, '').trim()).not.toMatch(/^[=+\-@]/);
      const { headings, lines } = readCsv(csv);
      expect(lines[0]![headings.indexOf('note')]).toBe(note);
    },
  );
});

describe('vCards', () => {
  it('come back as they were written', () => {
    const { headings, lines } = readCards(peopleAsCards(PEOPLE), TODAY);
    expect(names({ headings, lines })).toEqual(PEOPLE.map((p) => p.name));
  });

  it.each(['BDAY:yesterday', 'BDAY;VALUE=DATE:19x', 'BDAY:2026-13-45', 'BDAY:1990-02-03\r\n T25:99'])(
    'with the birthday %j are read without it, and the others as they are',
    (birthday) => {
      const text = [card('FN:Ida', birthday), card('FN:Moe', 'BDAY:1990-12-06')].join('\r\n');
      const table = readCards(text, TODAY);
      expect(names(table)).toEqual(['Ida', 'Moe']);
      expect(table.lines[1]![table.headings.indexOf('bday')]).toBe('35');
    },
  );

  it('that cannot be read are lines without a name, not the end of the file', () => {
    const text = [card('FN:Ida'), card('FN;X=":broken'), card('FN:Moe')].join('\r\n');
    const found = names(readCards(text, TODAY));
    expect(found[0]).toBe('Ida');
    expect(found[2]).toBe('Moe');
  });

  it('that are none are refused', () => {
    expect(() => readCards('BEGIN:VCARD\r\nFN:Half', TODAY)).toThrow('no whole vCard');
  });
});
