import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_SITTING, demoTakes } from '../../data/demo/demo';
import { DEMO_SITTER } from '../../data/demo/demoPeople';
import { anyPose } from '../../../tests/support/poses';
import { soloShot, withSolo } from '../shot';
import type { Frame } from '../sitting/records';
import { readSittingFile, SITTING_FORMAT, SITTING_VERSION, writeSittingFile } from './sittingFile';

const FRAMES: Frame[] = [
  {
    id: 'frame-1',
    sittingId: DEMO_SITTING.id,
    takeId: 'demo-take-1',
    takenAt: '2026-12-05T10:04:00.000Z',
    keeper: true,
  },
];
const CONTENT = {
  exportedAt: '2026-12-05T11:00:00.000Z',
  people: [DEMO_SITTER],
  sitting: DEMO_SITTING,
  takes: demoTakes(),
  frames: FRAMES,
  lineage: { 'takes/demo-take-1': ['0123456789abcdef'] },
};
const WHOLE = JSON.parse(writeSittingFile(CONTENT)) as Record<string, unknown>;

/** The file's text with the value at a path replaced, or removed when the value is undefined. */
function withValue(path: (string | number)[], value: unknown): string {
  const copy = structuredClone(WHOLE);
  let at: Record<PropertyKey, unknown> = copy;
  for (const key of path.slice(0, -1)) at = at[key] as Record<PropertyKey, unknown>;
  at[path.at(-1)!] = value;
  return JSON.stringify(copy);
}

/** The file's text with the first entry of a list there a second time. */
function withTwice(path: (string | number)[]): string {
  const list = path.reduce<unknown>((at, key) => (at as Record<PropertyKey, unknown>)[key], WHOLE);
  const entries = list as unknown[];
  expect(entries.length).toBeGreaterThan(0);
  return withValue(path, [...entries, entries[0]]);
}

describe('a sitting file', () => {
  it('reads back what was written', () => {
    expect(readSittingFile(writeSittingFile(CONTENT))).toEqual({
      format: SITTING_FORMAT,
      version: SITTING_VERSION,
      ...CONTENT,
    });
  });

  it('keeps any pose to the last digit', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const [first, ...rest] = demoTakes();
        const shot = withSolo(first!.shot, { ...soloShot(first!.shot), pose });
        const takes = [{ ...first!, shot }, ...rest];
        expect(readSittingFile(writeSittingFile({ ...CONTENT, takes })).takes).toEqual(takes);
      }),
      { numRuns: 40, seed: 31 },
    );
  });

  it('keeps how directions are said to somebody, and knows the voices there are', () => {
    const voice = { language: 'fr', manner: 'polite', tone: 'calm', practice: 'model' } as const;
    const text = writeSittingFile({ ...CONTENT, people: [{ ...DEMO_SITTER, voice }] });
    expect(readSittingFile(text).people[0]!.voice).toEqual(voice);
    expect(() => readSittingFile(text.replace('"polite"', '"rude"'))).toThrow(
      /^people\[0\]\.voice\.manner is "rude"/,
    );
    expect(() => readSittingFile(text.replace('"calm"', '"loud"'))).toThrow(
      /^people\[0\]\.voice\.tone is "loud"/,
    );
  });

  it('keeps what somebody does not do, and knows what there is of it', () => {
    const profile = { ...DEMO_SITTER.profile, boundaries: ['noLying'] as const };
    const text = writeSittingFile({
      ...CONTENT,
      people: [{ ...DEMO_SITTER, profile: { ...profile, boundaries: [...profile.boundaries] } }],
    });
    expect(readSittingFile(text).people[0]!.profile.boundaries).toEqual(['noLying']);
    expect(() => readSittingFile(text.replace('"noLying"', '"noSmile"'))).toThrow(
      /^people\[0\]\.profile\.boundaries\[0\] is "noSmile"/,
    );
  });

  it.each<[string, string, RegExp]>([
    ['text that is no JSON', '{"format": ', /^The file is not JSON: /],
    ['an empty file', '', /^The file is not JSON: /],
    ['a list', '[]', /^format is missing; a sitting file says "gilvo.sitting"$/],
    ['nothing', 'null', /^format is missing/],
    ['another format', withValue(['format'], 'gilvo.pose'), /^format is "gilvo.pose"; a sitting file/],
    [
      'a later version',
      withValue(['version'], 12),
      /^version is 12; this Gilvo reads version 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11$/,
    ],
  ])('refuses %s', (_, text, words) => {
    expect(() => readSittingFile(text)).toThrow(words);
  });

  it.each<[(string | number)[], unknown, RegExp]>([
    [['people', 0, 'profile', 'statureM'], 2.5, /^people\[0\]\.profile\.statureM is 2\.5: .*2\.4/],
    [['people', 0, 'profile', 'statureM'], 0.39, /^people\[0\]\.profile\.statureM is 0\.39: .*0\.4/],
    [['people', 0, 'profile', 'massKg'], 301, /^people\[0\]\.profile\.massKg is 301: .*300/],
    [['people', 0, 'profile', 'massKg'], 'heavy', /^people\[0\]\.profile\.massKg is "heavy": .*number/],
    [['people', 0, 'profile', 'tones', 'skin', 1], 1.2, /^people\[0\]\.profile\.tones\.skin\[1\] is 1\.2/],
    [['people', 0, 'name'], undefined, /^people\[0\]\.name is missing/],
    [['sitting', 'startsAt'], 'tomorrow', /^sitting\.startsAt is "tomorrow"/],
    [['takes', 3, 'shot', 'camera', 'focalLengthMm'], 0, /^takes\[3\]\.shot\.camera\.focalLengthMm is 0: /],
    [
      ['takes', 0, 'shot', 'people', 0, 'pose', 'settings', 'chinDownDeg'],
      99,
      /settings\.chinDownDeg is 99: .*40/,
    ],
    [['takes', 1, 'position'], 1.5, /^takes\[1\]\.position is 1\.5/],
    [['takes', 1, 'mood'], 'bright', /^takes\[1\]: .*"mood"/],
    [['frames', 0, 'keeper'], 'yes', /^frames\[0\]\.keeper is "yes"/],
  ])('names %j where it is %j', (path, value, words) => {
    expect(() => readSittingFile(withValue(path, value))).toThrow(words);
  });

  it.each<[string, string, RegExp]>([
    [
      'a sitting of somebody else',
      withValue(['sitting', 'personIds', 0], 'nobody'),
      /^sitting\.personIds\[0\] is "nobody"/,
    ],
    [
      'a picture of somebody else',
      withValue(['takes', 1, 'shot', 'people', 0, 'personId'], 'nobody'),
      /^takes\[1\]\.shot\.people\[0\]\.personId is "nobody"; the sitting has no such/,
    ],
    ['a picture of nobody', withValue(['takes', 1, 'shot', 'people'], []), /^takes\[1\]\.shot\.people/],
    [
      'a take of another sitting',
      withValue(['takes', 2, 'sittingId'], 'else'),
      /^takes\[2\]\.sittingId is "else"/,
    ],
    ['a frame of another sitting', withValue(['frames', 0, 'sittingId'], 'else'), /^frames\[0\]\.sittingId/],
    [
      'a frame of no take',
      withValue(['frames', 0, 'takeId'], 'gone'),
      /^frames\[0\]\.takeId is "gone"; no take/,
    ],
    [
      'two takes of one id',
      withValue(['takes', 1, 'id'], 'demo-take-1'),
      /^takes\[1\]\.id is "demo-take-1"; .*twice/,
    ],
    ['a gap in the places', withValue(['takes', 4, 'position'], 9), /^takes\[4\]\.position is 9; 5 takes/],
    ['nesting without end', '['.repeat(100_000), /nests lists and objects 100000 deep; 40 levels/],
    ['a look that is there twice', withTwice(['sitting', 'looks']), /^sitting\.looks.*twice/],
    ['a use that is there twice', withTwice(['sitting', 'looks', 0, 'uses']), /uses.*twice/],
    ['a wish that is there twice', withTwice(['sitting', 'looks', 0, 'mustHaves']), /mustHaves.*twice/],
    ['a garment that is there twice', withTwice(['people', 0, 'wardrobe']), /wardrobe.*twice/],
    ['two takes in one place', withValue(['takes', 1, 'position'], 0), /^takes\[1\]\.position is 0; .*twice/],
  ])('refuses %s', (_, text, words) => {
    expect(() => readSittingFile(text)).toThrow(words);
  });

  it('closes the gaps that an earlier version let stand', () => {
    const path = join(import.meta.dirname, '../../../tests/reference/sittingFiles/version-4.json');
    const file = JSON.parse(readFileSync(path, 'utf8')) as { takes: { position: number }[] };
    file.takes[2]!.position = 30;
    expect(readSittingFile(JSON.stringify(file)).takes.map((t) => t.position)).toEqual([0, 1, 2]);
  });

  it('names unknown fields without writing them out', () => {
    const fields = Object.fromEntries(Array.from({ length: 9 }, (_, i) => [`${i}`.repeat(10_000), 1]));
    const text = JSON.stringify({ ...WHOLE, ...fields });
    expect(() => readSittingFile(text)).toThrow(/^the file: unknown fields "0{37}\.\.\.", .* and 6 more$/);
  });

  it('shortens a long value in its message', () => {
    const text = withValue(['sitting', 'startsAt'], 'x'.repeat(5000));
    expect(() => readSittingFile(text)).toThrow(/^.{0,120}\.\.\..{0,120}$/);
  });
});
