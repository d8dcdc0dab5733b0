import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEMO_SITTING, demoTakes } from '../../data/demo/demo';
import { DEMO_SITTER } from '../../data/demo/demoPeople';
import { MESSAGE_LETTERS } from '../checks';
import { FileError } from './readJson';
import { readSittingFile, sittingFileSchema, writeSittingFile } from './sittingFile';

const TEXT = writeSittingFile({
  exportedAt: '2026-12-05T11:00:00.000Z',
  people: [DEMO_SITTER],
  sitting: DEMO_SITTING,
  takes: demoTakes().slice(0, 2),
  frames: [
    {
      id: 'f',
      sittingId: DEMO_SITTING.id,
      takeId: 'demo-take-1',
      takenAt: '2026-12-05T10:04:00.000Z',
      keeper: true,
    },
  ],
  lineage: { 'takes/demo-take-1': ['0123456789abcdef'] },
});
const RUNS = 10_000;
const SLOWEST_MS = 2000;

type Bag = Record<string, unknown>;
const isBag = (value: unknown): value is Bag => typeof value === 'object' && value !== null;

/** Every place of the file: the thing that holds it, and under which name. */
function placesOf(value: unknown, found: [Bag, string][] = []): [Bag, string][] {
  if (!isBag(value)) return found;
  for (const key of Object.keys(value)) {
    found.push([value, key]);
    placesOf(value[key], found);
  }
  return found;
}

/** What is put where it does not belong: of another kind, too large, too long, not a number. */
const junk = fc.oneof(
  fc.constantFrom<unknown>(null, true, '', [], {}, -1, 0, 1e308, -1e-308, 'NaN', '0x50', ' ', 'demo-take-1'),
  fc.double(),
  fc.string({ maxLength: 500 }),
  fc.constant('x'.repeat(100_000)),
  fc.array(fc.anything(), { maxLength: 3 }),
  fc.dictionary(fc.string(), fc.anything(), { maxKeys: 3 }),
);
type Change = (at: [Bag, string], value: unknown) => void;
const CHANGES: readonly Change[] = [
  ([holder, key]) => delete holder[key],
  ([holder, key], value) => (holder[key] = value),
  ([holder], value) => (holder[typeof value === 'string' ? value : 'mood'] = 1),
  ([holder, key]) => {
    if (Array.isArray(holder[key]))
      holder[key] = [...(holder[key] as unknown[]), ...(holder[key] as unknown[])];
  },
];
const changed = fc
  .array(fc.tuple(fc.nat(), fc.nat({ max: CHANGES.length - 1 }), junk), { minLength: 1, maxLength: 3 })
  .map((changes) => {
    const file: unknown = JSON.parse(TEXT);
    for (const [at, how, value] of changes) {
      const places = placesOf(file);
      CHANGES[how]!(places[at % places.length]!, value);
    }
    return JSON.stringify(file);
  });
const cutOff = fc.nat({ max: TEXT.length }).map((at) => TEXT.slice(0, at));
const garbled = fc
  .tuple(fc.nat({ max: TEXT.length - 1 }), fc.string({ minLength: 1, maxLength: 4 }))
  .map(([at, text]) => TEXT.slice(0, at) + text + TEXT.slice(at + text.length));

it(`${RUNS} broken files are refused in words of our own, or are right`, () => {
  fc.assert(
    fc.property(fc.oneof({ arbitrary: changed, weight: 8 }, cutOff, garbled), (text) => {
      const start = performance.now();
      try {
        const file = readSittingFile(text);
        expect(sittingFileSchema.parse(file)).toEqual(file);
        expect(file.takes.map((t) => t.position).sort()).toEqual(file.takes.map((_, i) => i));
      } catch (error) {
        expect(error).toBeInstanceOf(FileError);
        const { message } = error as Error;
        expect(message.length).toBeLessThanOrEqual(MESSAGE_LETTERS);
        // the field and what is wrong with it, in no library's words
        expect(message).toMatch(/ is |: /);
        expect(message).not.toMatch(/Invalid input|expected|received|Unrecognized|undefined/);
      }
      expect(performance.now() - start).toBeLessThan(SLOWEST_MS);
    }),
    { numRuns: RUNS, seed: 15 },
  );
});
