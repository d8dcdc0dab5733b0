import type { BodyProfile } from '../body';
import { decimalFrom, explainAll } from '../checks';
import { EMPTY_SITTER, sitterSchema, type Sitter } from './sitter';

/** Fields of a person that a table of people can carry, with the words by which a column is recognised. */
export const IMPORT_FIELDS = {
  name: { words: 'name', known: ['name', 'full name', 'fullname', 'client', 'sitter'] },
  firstName: { words: 'first name', known: ['first name', 'firstname', 'given name', 'forename'] },
  lastName: { words: 'last name', known: ['last name', 'lastname', 'surname', 'family name'] },
  addressAs: { words: 'addressed as', known: ['address as', 'addressed as', 'nickname', 'called'] },
  pronouns: { words: 'pronouns', known: ['pronouns'] },
  language: { words: 'language', known: ['language'] },
  email: { words: 'e-mail', known: ['email', 'e mail', 'mail'] },
  phone: { words: 'telephone', known: ['phone', 'telephone', 'mobile', 'tel'] },
  statureCm: {
    words: 'stature, cm',
    known: ['stature cm', 'height cm', 'stature, cm', 'height, cm', 'height (cm)'],
  },
  statureM: {
    words: 'stature, m',
    known: ['stature m', 'height m', 'stature, m', 'height, m', 'height (m)', 'stature'],
  },
  statureIn: { words: 'stature, inches', known: ['stature in', 'height in', 'height (in)', 'height, in'] },
  massKg: {
    words: 'mass, kg',
    known: ['mass kg', 'weight kg', 'mass, kg', 'weight, kg', 'weight (kg)', 'mass'],
  },
  massLb: { words: 'mass, lb', known: ['mass lb', 'weight lb', 'weight (lb)', 'weight, lb'] },
  ageYears: { words: 'age, years', known: ['age', 'age years', 'age, years'] },
  tags: { words: 'tags', known: ['tags', 'categories', 'groups', 'labels'] },
  note: { words: 'note', known: ['note', 'notes', 'remarks', 'comment'] },
} as const;
export type ImportField = keyof typeof IMPORT_FIELDS;
export const IMPORT_FIELD_NAMES = Object.keys(IMPORT_FIELDS) as ImportField[];

/** Which field each column fills; null for a column that is left out. */
export type ColumnMapping = (ImportField | null)[];

/** Guesses the mapping from the headings; a field is used once. */
export function guessMapping(headings: readonly string[]): ColumnMapping {
  const used = new Set<ImportField>();
  return headings.map((heading) => {
    const plain = heading.trim().toLowerCase().replace(/[_-]+/g, ' ');
    const field = IMPORT_FIELD_NAMES.find(
      (f) => !used.has(f) && (IMPORT_FIELDS[f].known as readonly string[]).includes(plain),
    );
    if (field) used.add(field);
    return field ?? null;
  });
}

/** One line of a table of people: a record, or what is wrong with it. */
export type ImportedLine = { line: number } & ({ sitter: Sitter } | { problems: string[] });

const IN_M = 0.0254;
const LB_KG = 0.45359237;

/** Numbers of the profile that a column gives, in metres, kilograms, years. */
const NUMBERS: Partial<
  Record<ImportField, { to: 'statureM' | 'massKg' | 'ageYears'; factor: number; unit: string }>
> = {
  statureCm: { to: 'statureM', factor: 0.01, unit: 'cm' },
  statureM: { to: 'statureM', factor: 1, unit: 'm' },
  statureIn: { to: 'statureM', factor: IN_M, unit: 'inches' },
  massKg: { to: 'massKg', factor: 1, unit: 'kg' },
  massLb: { to: 'massKg', factor: LB_KG, unit: 'lb' },
  ageYears: { to: 'ageYears', factor: 1, unit: 'years' },
};

function shownRange(to: 'statureM' | 'massKg' | 'ageYears', factor: number): string {
  const schema = sitterSchema.shape.profile.shape[to];
  return `${+(schema.minValue! / factor).toFixed(2)} to ${+(schema.maxValue! / factor).toFixed(2)}`;
}

/**
 * Turns the lines of a table into records. What a line does not say is taken from `start`. A line with a wrong value
 * gives its problems instead, each with the column, the value and the range. `newId` is called once a record.
 */
export function importLines(
  lines: readonly (readonly string[])[],
  mapping: ColumnMapping,
  start: BodyProfile,
  newId: () => string,
  firstLine = 2,
): ImportedLine[] {
  return lines.map((cells, i): ImportedLine => {
    const line = firstLine + i;
    const said: Partial<Record<ImportField, string>> = {};
    mapping.forEach((field, column) => {
      const text = cells[column]?.trim() ?? '';
      if (field && text !== '') said[field] = text;
    });
    const problems: string[] = [];
    const profile: BodyProfile = { ...start };
    for (const [field, rule] of Object.entries(NUMBERS) as [
      ImportField,
      NonNullable<(typeof NUMBERS)[ImportField]>,
    ][]) {
      const text = said[field];
      if (text === undefined) continue;
      const value = decimalFrom(text) * rule.factor;
      const rounded = Math.round(value * 1e4) / 1e4;
      if (!sitterSchema.shape.profile.shape[rule.to].safeParse(rounded).success)
        problems.push(
          `${IMPORT_FIELDS[field].words} “${text}”: give ${shownRange(rule.to, rule.factor)} ${rule.unit}`,
        );
      else profile[rule.to] = rounded;
    }
    const name = said.name ?? [said.firstName, said.lastName].filter(Boolean).join(' ');
    if (name === '') problems.push('name is missing');
    const record: Sitter = {
      ...EMPTY_SITTER,
      id: newId(),
      name,
      addressAs: said.addressAs ?? said.firstName ?? name.split(/\s+/)[0] ?? '',
      pronouns: said.pronouns ?? '',
      language: said.language ?? '',
      email: said.email ?? '',
      phone: said.phone ?? '',
      note: said.note ?? '',
      tags: (said.tags ?? '')
        .split(/[;,]/)
        .map((t) => t.trim())
        .filter(Boolean),
      profile,
    };
    if (name !== '') {
      const parsed = sitterSchema.safeParse(record);
      if (!parsed.success) problems.push(...explainAll(parsed.error, record));
    }
    return problems.length > 0 ? { line, problems } : { line, sitter: record };
  });
}

/** Columns of an exported table, in their order. Private notes are not among them. */
export const EXPORT_COLUMNS = [
  'name',
  'addressAs',
  'pronouns',
  'language',
  'email',
  'phone',
  'statureCm',
  'massKg',
  'ageYears',
  'tags',
  'note',
] as const satisfies readonly ImportField[];

/** Headings and lines of a table of people, to be written as CSV; it reads back by `guessMapping` and `importLines`. */
export function exportLines(sitters: readonly Sitter[]): { headings: string[]; lines: string[][] } {
  const text = (s: Sitter): Record<(typeof EXPORT_COLUMNS)[number], string> => ({
    name: s.name,
    addressAs: s.addressAs,
    pronouns: s.pronouns,
    language: s.language,
    email: s.email,
    phone: s.phone,
    statureCm: String(+(s.profile.statureM * 100).toFixed(2)),
    massKg: String(s.profile.massKg),
    ageYears: String(s.profile.ageYears),
    tags: s.tags.join('; '),
    note: s.note,
  });
  return {
    headings: EXPORT_COLUMNS.map((c) => IMPORT_FIELDS[c].known[0]),
    lines: sitters.map((s) => EXPORT_COLUMNS.map((c) => text(s)[c])),
  };
}
