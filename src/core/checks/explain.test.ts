import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { cut, eachOnce, explain, explainAll, MESSAGE_LETTERS, shown } from '.';

/** The words for the first problem of a value under a schema. */
function told(schema: z.ZodType, value: unknown): string {
  const parsed = schema.safeParse(value);
  if (parsed.success) throw new Error('nothing is wrong with it');
  return explain(parsed.error, value);
}

const lens = z.strictObject({
  name: z.string().min(1).max(10),
  focalLengthMm: z.number().min(12).max(400),
  kind: z.enum(['prime', 'zoom']),
});
const kit = z.strictObject({ lenses: z.array(lens).max(2), madeAt: z.iso.datetime().optional() });
const sound = { name: 'normal', focalLengthMm: 50, kind: 'prime' };

describe('what is wrong is told with field, value and range', () => {
  it.each<[string, unknown, string]>([
    [
      'too small',
      { lenses: [{ ...sound, focalLengthMm: 5 }] },
      'lenses[0].focalLengthMm is 5: give at least 12',
    ],
    [
      'too large',
      { lenses: [{ ...sound, focalLengthMm: 900 }] },
      'lenses[0].focalLengthMm is 900: give at most 400',
    ],
    [
      'no number',
      { lenses: [{ ...sound, focalLengthMm: 'long' }] },
      'lenses[0].focalLengthMm is "long": give a number',
    ],
    [
      'not a number at all',
      { lenses: [{ ...sound, focalLengthMm: NaN }] },
      'lenses[0].focalLengthMm is NaN: give a number',
    ],
    [
      'missing',
      { lenses: [{ name: 'x', kind: 'prime' }] },
      'lenses[0].focalLengthMm is missing: give a number',
    ],
    [
      'too long a text',
      { lenses: [{ ...sound, name: 'a very long name' }] },
      'lenses[0].name is "a very long name": give at most 10 letters',
    ],
    ['too many', { lenses: [sound, sound, sound] }, 'lenses is a list of 3: give at most 2 entries'],
    [
      'none of a few',
      { lenses: [{ ...sound, kind: 'mirror' }] },
      'lenses[0].kind is "mirror": give one of "prime", "zoom"',
    ],
    [
      'no moment',
      { lenses: [], madeAt: 'today' },
      'madeAt is "today": give a moment such as 2026-12-05T10:00:00Z',
    ],
    ['something unknown', { lenses: [{ ...sound, mount: 'x' }] }, 'lenses[0]: unknown field "mount"'],
    ['no object', [], 'the file is a list of 0: give an object'],
    ['nothing', null, 'the file is null: give an object'],
  ])('%s', (_, value, words) => {
    expect(told(kit, value)).toBe(words);
  });

  it('every one of them, in the order of the fields', () => {
    const value = { lenses: [{ name: '', focalLengthMm: 5, kind: 'prime' }] };
    const parsed = kit.safeParse(value);
    expect(explainAll(parsed.error!, value)).toEqual([
      'lenses[0].name is "": give at least 1 letters',
      'lenses[0].focalLengthMm is 5: give at least 12',
    ]);
  });

  it('in no more letters than a message has, whatever was written', () => {
    const long = 'x'.repeat(5000);
    const many = Object.fromEntries(Array.from({ length: 900 }, (_, i) => [`${long}${i}`, i]));
    for (const value of [
      { lenses: [{ ...sound, name: long }] },
      { lenses: [{ ...sound, kind: long }] },
      { lenses: [{ ...sound, ...many }] },
      { lenses: Array.from({ length: 5000 }, () => sound) },
      long,
    ]) {
      const words = told(kit, value);
      expect(words.length).toBeLessThanOrEqual(MESSAGE_LETTERS);
      expect(words).not.toContain('undefined');
    }
    expect(told(kit, { lenses: [{ ...sound, ...many }] })).toMatch(/and 897 more$/);
  });
});

describe('a value as it is shown', () => {
  it.each<[unknown, string]>([
    [undefined, 'missing'],
    [null, 'null'],
    ['a "word"', '"a \\"word\\""'],
    [[1, 2], 'a list of 2'],
    [{ a: 1 }, 'an object'],
    [1.5, '1.5'],
    [Infinity, 'Infinity'],
    [true, 'true'],
  ])('%j', (value, words) => {
    expect(shown(value)).toBe(words);
  });

  it('is cut, and says so', () => {
    expect(cut('abcdefgh', 6)).toBe('abc...');
    expect(cut('abcdef', 6)).toBe('abcdef');
    expect(shown('y'.repeat(200)).length).toBeLessThan(65);
  });
});

it('a list in which something is there twice names the second', () => {
  const list = z.array(z.strictObject({ id: z.string() })).superRefine(eachOnce('id'));
  expect(list.safeParse([{ id: 'a' }, { id: 'b' }]).success).toBe(true);
  expect(told(list, [{ id: 'a' }, { id: 'b' }, { id: 'a' }])).toBe('[2].id is "a": it is there twice');
  expect(list.safeParse([]).success).toBe(true);
});
