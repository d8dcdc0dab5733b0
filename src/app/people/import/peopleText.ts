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
  return Papa.unparse({ fields: headings, data: lines }, { escapeFormulae: true });
}

/**
 * Reads CSV with a line of headings; the delimiter is found out.
 * @throws Error when there is no line below the headings.
 */
export function readCsv(text: string): TableText {
  const { data } = Papa.parse<string[]>(text.replace(/^﻿/, ''), { skipEmptyLines: 'greedy' });
  const [headings, ...lines] = data;
  if (!headings || lines.length === 0) throw new Error('the file has no line below its headings');
  // a quote before a sign keeps a spreadsheet from reckoning; it is not part of the text
  return { headings, lines: lines.map((cells) => cells.map((c) => c.replace(/^'([=+\-@])/, '$1'))) };
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
  const before = today.getMonth() + 1 < month || (today.getMonth() + 1 === month && today.getDate() < day);
  return String(today.getFullYear() - year - (before ? 1 : 0));
}

/**
 * Reads vCards of version 3 or 4 into the same table that CSV gives.
 * @throws Error when there is no card, or a card is broken.
 */
export function readCards(text: string, today: Date): TableText {
  const parsed: unknown = ICAL.parse(text);
  const cards = (
    Array.isArray(parsed) && typeof parsed[0] === 'string' ? [parsed] : (parsed as unknown[])
  ) as ConstructorParameters<typeof ICAL.Component>[0][];
  const components = cards.map((c) => new ICAL.Component(c)).filter((c) => c.name === 'vcard');
  if (components.length === 0) throw new Error('the file has no vCard');
  const columns = IMPORT_FIELD_NAMES.filter((f) => CARD_FIELDS[f] !== undefined || f === 'ageYears');
  return {
    headings: columns.map((f) => (f === 'ageYears' ? 'bday' : CARD_FIELDS[f]!)),
    mapping: columns,
    lines: components.map((card) =>
      columns.map((field) => {
        if (field === 'ageYears') return ageOn(String(card.getFirstPropertyValue('bday') ?? ''), today);
        const property = card.getFirstProperty(CARD_FIELDS[field]!);
        return property ? property.getValues().map(String).join('; ') : '';
      }),
    ),
  };
}
