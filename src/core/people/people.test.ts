import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import {
  agreesToTouch,
  EMPTY_SITTER,
  exportLines,
  findSitters,
  forClient,
  GARMENT_NAMES,
  GARMENTS,
  guessMapping,
  importLines,
  latestConsents,
  measureFrom,
  measureRange,
  measureText,
  outfitWith,
  sitterSchema,
  stillOpen,
  tagsOf,
  type Consent,
  type Sitter,
  type SitterQuery,
} from '.';

function sitter(said: Partial<Sitter> & { name: string }): Sitter {
  return {
    ...EMPTY_SITTER,
    id: said.name.toLowerCase(),
    addressAs: said.name,
    profile: profileOf(),
    ...said,
  };
}
const QUERY: SitterQuery = { text: '', tag: null, shown: 'current', order: 'name', descending: false };
const names = (people: readonly Sitter[], query: Partial<SitterQuery>) =>
  findSitters(people, { ...QUERY, ...query }).map((s) => s.name);

const PEOPLE = [
  sitter({ name: 'Åse Vik', tags: ['crew'], note: 'bow seat', profile: profileOf({ statureM: 1.6 }) }),
  sitter({ name: 'bo Lund', email: 'bo@shed.example', profile: profileOf({ statureM: 1.9, ageYears: 60 }) }),
  sitter({ name: 'Bo Aker', tags: ['crew', 'coach'], profile: profileOf({ statureM: 1.6, ageYears: 20 }) }),
  sitter({ name: 'Cara', archived: true, tags: ['crew'] }),
  sitter({ name: 'Dag', binnedAt: '2026-11-01T10:00:00.000Z', archived: true, tags: ['gone'] }),
];

describe('finding people', () => {
  it.each<[string, Partial<SitterQuery>, string[]]>([
    ['everybody who is current, by name whatever the case', {}, ['Åse Vik', 'Bo Aker', 'bo Lund']],
    ['without accents', { text: 'ase' }, ['Åse Vik']],
    ['by every word, wherever it stands', { text: 'vik bow' }, ['Åse Vik']],
    ['by contact', { text: 'SHED.example' }, ['bo Lund']],
    ['nobody', { text: 'bo nowhere' }, []],
    ['by tag', { tag: 'crew' }, ['Åse Vik', 'Bo Aker']],
    ['archived', { shown: 'archived' }, ['Cara']],
    ['in the bin, which outranks the archive', { shown: 'binned' }, ['Dag']],
    ['tall first', { order: 'stature', descending: true }, ['bo Lund', 'Åse Vik', 'Bo Aker']],
    ['young first', { order: 'age' }, ['Bo Aker', 'Åse Vik', 'bo Lund']],
  ])('%s', (_, query, wanted) => {
    expect(names(PEOPLE, query)).toEqual(wanted);
  });

  it('counts tags of everybody who is not in the bin', () => {
    expect(tagsOf(PEOPLE)).toEqual([
      ['coach', 1],
      ['crew', 3],
    ]);
  });
});

describe('a record', () => {
  it('refuses what does not belong or is empty, and names it', () => {
    const path = (wrong: object) =>
      sitterSchema.safeParse({ ...PEOPLE[0], ...wrong }).error?.issues[0]?.path.join('.');
    expect(sitterSchema.safeParse(PEOPLE[0]).success).toBe(true);
    expect(path({ name: '  ' })).toBe('name');
    expect(path({ tags: ['x'.repeat(41)] })).toBe('tags.0');
    expect(path({ consents: [{ about: 'touch', answer: 'maybe' }] })).toBe('consents.0.answer');
    expect(path({ profile: profileOf({ motionLimits: ['wings' as never] }) })).toBe('profile.motionLimits.0');
    expect(sitterSchema.safeParse({ ...PEOPLE[0], mood: 1 }).error?.issues[0]?.message).toContain('mood');
  });

  const consent = (said: Partial<Consent>): Consent => ({
    about: 'touch',
    answer: 'yes',
    words: '',
    agreedOn: '2026-01-01',
    agreedBy: 'Åse Vik',
    ...said,
  });

  it('holds the last answer to each question', () => {
    const latest = latestConsents([
      consent({ answer: 'no', agreedOn: '2026-05-01' }),
      consent({ answer: 'yes', agreedOn: '2026-02-01' }),
      consent({ about: 'use', answer: 'ask' }),
    ]);
    expect(latest.touch?.answer).toBe('no');
    const answered = (...answers: Consent['answer'][]) => ({
      consents: answers.map((answer, i) => consent({ answer, agreedOn: `2026-01-0${i + 1}` })),
    });
    expect([answered(), answered('ask'), answered('yes', 'no')].map(agreesToTouch)).toEqual([
      false,
      false,
      false,
    ]);
    expect([answered('yes'), answered('no', 'yes')].map(agreesToTouch)).toEqual([true, true]);
    expect(latest.use?.answer).toBe('ask');
    expect(latest.publication).toBeUndefined();
  });

  it('says what is still open, and asks for the guardian of a minor', () => {
    const minor = sitter({ name: 'Kid', profile: profileOf({ ageYears: 14 }) });
    expect(stillOpen(minor)).toEqual([
      'a guardian is needed, and is not named',
      'touch was not talked about',
      'use was not agreed',
    ]);
    const guardian = { name: 'Helga', phone: '' };
    const agreedByKid = [consent({ agreedBy: 'Kid' }), consent({ about: 'use', agreedBy: 'Helga' })];
    expect(stillOpen({ ...minor, guardian, consents: agreedByKid })).toEqual([
      'touch was agreed by Kid, not by the guardian Helga',
    ]);
    const settled = [consent({}), consent({ about: 'use' })];
    expect(stillOpen(sitter({ name: 'Grown', consents: settled }))).toEqual([]);
    expect(
      stillOpen(sitter({ name: 'Grown', profile: profileOf({ ageYears: 18 }), consents: settled })),
    ).toEqual([]);
  });

  it('goes to a client without private notes', () => {
    const whole = sitter({ name: 'Åse', note: 'open', privateNote: 'closed' });
    expect(JSON.stringify(forClient(whole))).not.toContain('closed');
    expect(forClient(whole).note).toBe('open');
  });
});

describe('the wardrobe', () => {
  const base = profileOf().outfit;
  const item = (garment: (typeof GARMENT_NAMES)[number], heelM = 0) => ({
    id: garment,
    garment,
    words: garment,
    tone: [0.9, 0.1, 0.1] as [number, number, number],
    pockets: false,
    heelM,
  });

  it.each(GARMENT_NAMES)('puts %s into its own slot and leaves the others', (garment) => {
    const worn = outfitWith(base, [item(garment, 0.05)]);
    const { slot } = GARMENTS[garment];
    for (const other of ['top', 'bottom', 'jacket', 'shoes', 'glasses', 'headScarf'] as const)
      if (other === slot) expect(worn[other]).toMatchObject({ tone: [0.9, 0.1, 0.1] });
      else expect(worn[other]).toEqual(base[other]);
  });

  it('shows the last of a slot', () => {
    expect(outfitWith(base, [item('shirt'), item('dress')]).top.cut).toBe('dress');
  });
});

describe('measures in the sitter’s units', () => {
  it.each([
    ['1.86', 'stature', 'metric', 1.86],
    ['1,86', 'stature', 'metric', 1.86],
    ['5\'8"', 'stature', 'imperial', 1.7272],
    ['5 ft 8', 'stature', 'imperial', 1.7272],
    ['68', 'stature', 'imperial', 1.7272],
    ['81.5', 'length', 'metric', 0.815],
    ['32', 'length', 'imperial', 0.8128],
    ['150', 'mass', 'imperial', 68.0389],
  ] as const)('%s as %s, %s', (text, kind, units, value) => {
    expect(measureFrom(text, kind, units)).toBeCloseTo(value, 4);
  });

  it.each(['', 'tall', "5'", '5\'8"x'])('“%s” is no metric stature', (text) => {
    expect(measureFrom(text, 'stature', 'metric')).toBeNaN();
  });

  it('stay the same when they are shown and typed again', () => {
    const kinds = fc.constantFrom('stature', 'length', 'mass', 'age' as const);
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 240 }),
        kinds,
        fc.constantFrom('metric', 'imperial'),
        (n, kind, units) => {
          const shown = measureText(measureFrom(String(n / 10), kind, units), kind, units);
          expect(measureText(measureFrom(shown, kind, units), kind, units)).toBe(shown);
        },
      ),
      { numRuns: 200, seed: 5 },
    );
  });

  it('name the range inwards, so that both ends are really allowed', () => {
    expect(measureRange(0.4, 2.4, 'stature', 'metric')).toBe('0.4 to 2.4 m');
    expect(measureRange(0.4, 2.4, 'stature', 'imperial')).toBe('15.8 to 94.4 in');
    expect(measureFrom('15.8', 'stature', 'imperial')).toBeGreaterThanOrEqual(0.4);
    expect(measureFrom('94.4', 'stature', 'imperial')).toBeLessThanOrEqual(2.4);
  });
});

describe('tables of people', () => {
  let ids = 0;
  const newId = () => `new-${ids++}`;
  const read = (headings: string[], ...lines: string[][]) =>
    importLines(lines, guessMapping(headings), profileOf(), newId);

  it('come back as they were written, private notes and bodies aside', () => {
    const whole = PEOPLE.map((p) => ({ ...p, phone: '+47 1', pronouns: 'she', privateNote: 'secret' }));
    const { headings, lines } = exportLines(whole);
    expect(JSON.stringify(lines)).not.toContain('secret');
    const back = read(headings, ...lines);
    back.forEach((line, i) => {
      if (!('sitter' in line)) throw new Error(line.problems.join());
      const { name, addressAs, email, phone, pronouns, tags, note } = whole[i]!;
      expect(line.sitter).toMatchObject({ name, addressAs, email, phone, pronouns, tags, note });
      expect(line.sitter.profile.statureM).toBe(whole[i]!.profile.statureM);
      expect(line.sitter.privateNote).toBe('');
    });
  });

  it.each([
    [
      ['Full Name', 'Height (cm)', 'Weight_lb', 'x'],
      ['name', 'statureCm', 'massLb', null],
    ],
    [
      ['first name', 'SURNAME', 'E-mail'],
      ['firstName', 'lastName', 'email'],
    ],
    [
      ['name', 'Name'],
      ['name', null],
    ],
  ])('headings %j are understood', (headings, mapping) => {
    expect(guessMapping(headings)).toEqual(mapping);
  });

  it('convert units, and take the first name where no other is said', () => {
    const [line] = read(['first name', 'last name', 'height in', 'weight lb'], ['Ida', 'Moe', '70', '154']);
    if (!line || !('sitter' in line)) throw new Error('refused');
    expect(line.sitter).toMatchObject({ name: 'Ida Moe', addressAs: 'Ida' });
    expect(line.sitter.profile.statureM).toBeCloseTo(1.778, 3);
    expect(line.sitter.profile.massKg).toBeCloseTo(69.853, 2);
  });

  it('tell the problems of each line with column, value and range, and keep the good ones', () => {
    const [long] = read(['name', 'note'], ['Ida', 'x'.repeat(5000)]);
    const told = long && 'problems' in long ? long.problems : [];
    expect(told).toEqual([expect.stringMatching(/^note is "x{10,}\.\.\.": give at most 4000 letters$/)]);
    const lines = read(
      ['name', 'height cm', 'age'],
      ['Ida', '17', '200'],
      ['', '170', '30'],
      ['Moe', '180', '40'],
      ['Pia', 'tall', ''],
    );
    expect(lines.map((l) => ('problems' in l ? [l.line, ...l.problems] : [l.line, l.sitter.name]))).toEqual([
      [2, 'stature, cm “17”: give 40 to 240 cm', 'age, years “200”: give 0 to 120 years'],
      [3, 'name is missing'],
      [4, 'Moe'],
      [5, 'stature, cm “tall”: give 40 to 240 cm'],
    ]);
  });
});
