import ICAL from 'ical.js';
import Papa from 'papaparse';
import {
  exportLines,
  IMPORT_FIELD_NAMES,
  type ColumnMapping,
  type ImportField,
  type Sitter,
} from '@/core/people';

/** A table read from text: headings and lines. */
export interface TableText {
  headings: string[];
  lines: string[][];
  /** Columns whose meaning is known already; undefined where the headings must be read. */
  mapping?: ColumnMapping;
}

/** Everybody as CSV, without private notes. */
export function peopleAsCsv(sitters: readonly Sitter[]): string {
  const { headings, lines } = exportLines(sitters);
  return Papa.unparse({ fields: headings, data: lines.map((cells) => cells.map(withoutFormulas)) });
}

/**
 * Where a cell, or a part of it that a spreadsheet may split off, begins with a sign that starts a formula. Source:
 * OWASP, CSV injection.
 */
const FORMULA = /(^|[;,\t\r\n])(\s*)([=+\-@])/g;
/** The same with the quote that keeps a spreadsheet from reckoning; it is not part of the text. */
const QUOTED = /(^|[;,\t\r\n])(\s*)'([=+\-@])/g;

function withoutFormulas(cell: string): string {
  return cell.replace(FORMULA, "$1$2'$3");
}

/**
 * Reads CSV with a line of headings; the delimiter is found out.
 * @throws Error when there is no line below the headings.
 */
export function readCsv(text: string): TableText {
  const { data } = Papa.parse<string[]>(text.replace(/^﻿/, ''), { skipEmptyLines: 'greedy' });
  const [headings, ...lines] = data;
  if (!headings || lines.length === 0) throw new Error('the file has no line below its headings');
  return { headings, lines: lines.map((cells) => cells.map((c) => c.replace(QUOTED, '$1$2$3'))) };
}

/** Everybody as vCards of version 4, without private notes. */
export function peopleAsCards(sitters: readonly Sitter[]): string {
  return sitters
    .map((s) => {
      const card = new ICAL.Component('vcard');
      const put = (name: string, value: string) => value && card.addPropertyWithValue(name, value);
      put('version', '4.0');
      put('fn', s.name);
      put('nickname', s.addressAs);
      put('email', s.email);
      put('tel', s.phone);
      put('lang', s.language);
      put('note', s.note);
      if (s.tags.length > 0) card.addPropertyWithValue('categories', s.tags.join(','));
      return card.toString();
    })
    .join('\r\n');
}

const CARD_FIELDS: Partial<Record<ImportField, string>> = {
  name: 'fn',
  addressAs: 'nickname',
  email: 'email',
  phone: 'tel',
  language: 'lang',
  note: 'note',
  tags: 'categories',
};

/** Whole years from a date of birth to a day; empty where the card has no full date. */
function ageOn(birthday: string, today: Date): string {
  const parts = /^(\d{4})-?(\d{2})-?(\d{2})/.exec(birthday);
  if (!parts) return '';
  const [year, month, day] = parts.slice(1).map(Number) as [number, number, number];
  if (month > 12 || day > 31) return '';
  const before = today.getMonth() + 1 < month || (today.getMonth() + 1 === month && today.getDate() < day);
  return String(today.getFullYear() - year - (before ? 1 : 0));
}

const CARD = /BEGIN:VCARD[\s\S]*?END:VCARD/gi;
/** One card; null where it is none. */
function cardFrom(text: string): InstanceType<typeof ICAL.Component> | null {
  try {
    return new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0]);
  } catch {
    return null;
  }
}

/** The birthday as it stands in a card: read as a date by the library, one that is none would refuse the whole card. */
function birthdayOf(card: InstanceType<typeof ICAL.Component>): string {
  return String(card.getFirstProperty('bday')?.jCal[3] ?? '');
}

/**
 * Reads vCards of version 3 or 4 into the same table that CSV gives. A card that cannot be read gives an empty line, so
 * that it is told and the others are not lost with it.
 * @throws Error when there is no whole card.
 */
export function readCards(text: string, today: Date): TableText {
  const cards = (text.match(CARD) ?? []).map(cardFrom);
  if (!cards.some((card) => card !== null)) throw new Error('the file has no whole vCard');
  const columns = IMPORT_FIELD_NAMES.filter((f) => CARD_FIELDS[f] !== undefined || f === 'ageYears');
  return {
    headings: columns.map((f) => (f === 'ageYears' ? 'bday' : CARD_FIELDS[f]!)),
    mapping: columns,
    lines: cards.map((card) =>
      columns.map((field) => {
        if (card === null) return '';
        if (field === 'ageYears') return ageOn(birthdayOf(card), today);
        const property = card.getFirstProperty(CARD_FIELDS[field]!);
        return property ? property.getValues().map(String).join('; ') : '';
      }),
    ),
  };
}
