import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import { EMPTY_SITTER, type Sitter } from '../people';
import type { Message } from '../pose';
import {
  dressedFor,
  EMPTY_LOOK,
  lookSchema,
  MIDDLE_MESSAGE,
  photographerChecklist,
  PRESET_NAMES,
  presetOf,
  PRESETS,
  preparationSheet,
  TARGET_IDS,
  TARGETS,
  standardIn,
  standardOf,
  wantedRanges,
  type Look,
  type SheetSource,
  type Target,
} from '.';

const scale = fc.double({ min: -1, max: 1, noNaN: true });
const messages = fc.record({ presence: scale, openness: scale, formality: scale, movement: scale });

describe('the table of targets', () => {
  it('wants its own figures where all scales stand in the middle', () => {
    const wanted = wantedRanges(MIDDLE_MESSAGE);
    for (const id of TARGET_IDS)
      expect(wanted[id]).toMatchObject({ low: TARGETS[id].low, high: TARGETS[id].high });
  });

  it('wants a range inside its bounds whatever the message', () => {
    fc.assert(
      fc.property(messages, (message) => {
        const wanted = wantedRanges(message);
        for (const id of TARGET_IDS) {
          const { min, max }: Target = TARGETS[id];
          expect(wanted[id].low).toBeGreaterThanOrEqual(min);
          expect(wanted[id].high).toBeLessThanOrEqual(max);
          expect(wanted[id].low).toBeLessThanOrEqual(wanted[id].high);
        }
      }),
      { numRuns: 200, seed: 8 },
    );
  });

  it.each<[keyof Message, (typeof TARGET_IDS)[number], 'low' | 'high', 'more' | 'less']>([
    ['presence', 'weightOffEvenPercent', 'low', 'less'],
    ['presence', 'shouldersTurnDeg', 'low', 'less'],
    ['presence', 'feetApartShoulders', 'high', 'more'],
    ['openness', 'waistDaylightCm', 'low', 'more'],
    ['formality', 'headTiltDeg', 'high', 'less'],
    ['movement', 'limbEnlargement', 'high', 'more'],
  ])('%s changes %s', (name, id, end, way) => {
    const [low, high] = [-0.5, 0.5].map(
      (value) => wantedRanges({ ...MIDDLE_MESSAGE, [name]: value })[id][end],
    );
    if (way === 'more') expect(high).toBeGreaterThan(low!);
    else expect(high).toBeLessThan(low!);
  });

  it('leaves to itself what a message makes a thing that may be, from one end of a scale on', () => {
    const { min, max }: Target = TARGETS.handsHeightFaces;
    const free = { low: min, high: max, deadBand: [0, 0] };
    expect(wantedRanges({ ...MIDDLE_MESSAGE, presence: 0.29 }).handsHeightFaces.low).toBe(0.32);
    expect(wantedRanges({ ...MIDDLE_MESSAGE, presence: 0.3 }).handsHeightFaces).toEqual(free);
    expect(wantedRanges({ ...MIDDLE_MESSAGE, formality: 0.8 }).handsHeightFaces).toEqual(free);
    // reserve is at the other end of its scale
    expect(wantedRanges({ ...MIDDLE_MESSAGE, openness: -0.2 }).wristsPastMiddleCm.high).toBe(
      TARGETS.wristsPastMiddleCm.max,
    );
    expect(wantedRanges({ ...MIDDLE_MESSAGE, openness: 0.2 }).wristsPastMiddleCm.high).toBe(-4);
  });

  it('has a dead band at the ends that something can pass, and none at the others', () => {
    expect(wantedRanges(MIDDLE_MESSAGE).sideBendDeg.deadBand).toEqual([0, TARGETS.sideBendDeg.deadBand]);
    expect(wantedRanges(MIDDLE_MESSAGE).lensOverFaceDeg.deadBand).toEqual([2, 2]);
    for (const id of TARGET_IDS) {
      const { low, high, deadBand }: Target = TARGETS[id];
      expect([id, deadBand >= 0 && deadBand < high - low]).toEqual([id, true]);
    }
  });

  it('gives way to what was set by hand, end by end', () => {
    const wanted = wantedRanges(PRESETS.business.message, { shouldersTurnDeg: { low: 25 } });
    expect(wanted.shouldersTurnDeg.low).toBe(25);
    expect(wanted.shouldersTurnDeg.high).toBe(wantedRanges(PRESETS.business.message).shouldersTurnDeg.high);
  });

  it('asks the pose where the look says nothing, and the look where it does', () => {
    const strong = { ...MIDDLE_MESSAGE, presence: 1 };
    expect(standardIn(undefined, strong)).toEqual(standardOf(strong));
    expect(standardIn({ message: null, targets: {} }, strong)).toEqual(standardOf(strong));
    expect(standardIn({ message: MIDDLE_MESSAGE, targets: {} }, strong)).toEqual(standardOf(MIDDLE_MESSAGE));
  });
});

describe('a look', () => {
  const look: Look = { ...EMPTY_LOOK, id: 'a' };

  it('refuses what is out of range, and names it', () => {
    const path = (wrong: object) =>
      lookSchema.safeParse({ ...look, ...wrong }).error?.issues[0]?.path.join('.');
    expect(lookSchema.safeParse(look).success).toBe(true);
    expect(path({ minutes: 0 })).toBe('minutes');
    expect(path({ message: { ...MIDDLE_MESSAGE, presence: 1.2 } })).toBe('message.presence');
    expect(path({ targets: { headTiltDeg: { high: 99 } } })).toBe('targets.headTiltDeg.high');
    expect(path({ targets: { headTiltDeg: { low: 9, high: 3 } } })).toBe('targets.headTiltDeg');
    expect(path({ uses: [{ id: 'u', words: 'x', format: 'round', crop: 'full' }] })).toBe('uses.0.format');
  });

  it.each(PRESET_NAMES)('knows the preset %s by its message', (name) => {
    expect(presetOf({ ...PRESETS[name].message })).toBe(name);
    expect(presetOf({ ...PRESETS[name].message, movement: 0.77 })).toBeUndefined();
  });

  it('dresses the sitter in what is worn, and leaves out what is gone from the wardrobe', () => {
    const sitter = {
      profile: profileOf(),
      wardrobe: [
        { id: 'd', garment: 'dress', words: 'd', tone: [0.5, 0, 0], pockets: false, heelM: 0 },
      ] as Sitter['wardrobe'],
    };
    expect(dressedFor(sitter, { ...look, wears: ['d', 'gone'] }).outfit.top).toEqual({
      cut: 'dress',
      tone: [0.5, 0, 0],
    });
    expect(dressedFor(sitter, look)).toBe(sitter.profile);
    expect(dressedFor(sitter, undefined)).toBe(sitter.profile);
  });
});

describe('the sheets', () => {
  const sitter: Sitter = {
    ...EMPTY_SITTER,
    id: 's',
    name: 'Åse Vik',
    addressAs: 'Åse',
    profile: profileOf(),
    wishes: 'strong',
    boundaries: 'no water',
    stopWord: 'easy all',
    privateNote: 'PRIVATE',
    needs: { ...EMPTY_SITTER.needs, hearing: 'left ear deaf' },
    consents: [
      { about: 'touch', answer: 'no', words: '', agreedOn: '2026-05-01', agreedBy: 'Åse Vik' },
      { about: 'use', answer: 'yes', words: 'yearbook', agreedOn: '2026-05-01', agreedBy: 'Åse Vik' },
    ],
    wardrobe: [
      { id: 'j', garment: 'jacketOpen', words: 'club jacket', tone: [0, 0, 0.1], pockets: true, heelM: 0 },
    ],
  };
  const look: Look = {
    ...EMPTY_LOOK,
    id: 'a',
    name: 'boathouse',
    wears: ['j'],
    props: 'an oar',
    avoid: 'AVOIDED',
    mustHaves: [{ id: 'm', words: 'with the hull' }],
    uses: [{ id: 'u', words: 'yearbook', format: 'fourFive', crop: 'half' }],
  };
  const source: SheetSource = {
    sitter,
    looks: [look],
    title: 'Yearbook',
    place: 'the shed',
    minutes: 40,
    comes: 'a sister',
  };
  const text = (sections: ReturnType<typeof preparationSheet>) =>
    sections.flatMap((s) => [s.title, ...s.lines]).join('\n');

  it('tell the client what happens, what to bring and what was agreed', () => {
    const sheet = text(preparationSheet(source));
    for (const words of [
      'the shed',
      '40 minutes',
      'easy all',
      'a sister',
      'club jacket',
      'an oar',
      'strong',
      'no water',
      'left ear deaf',
      'agreed, yearbook (Åse Vik, 2026-05-01)',
      'Nothing is published unless you agree',
    ])
      expect(sheet).toContain(words);
  });

  it('keep from the client what is the photographer’s', () => {
    const sheet = text(preparationSheet(source));
    expect(sheet).not.toContain('PRIVATE');
    expect(sheet).not.toContain('AVOIDED');
  });

  it('say of what was not asked nothing, and nothing at all where nothing was', () => {
    const agreed = (consents: Sitter['consents']) =>
      preparationSheet({ ...source, sitter: { ...sitter, consents } }).find(
        (s) => s.title === 'What you agreed to',
      );
    expect(agreed(sitter.consents)!.lines).toHaveLength(3);
    expect(agreed([])!.lines).toEqual(['Nothing is published unless you agree to it first.']);
  });

  it('rest as the sitter needs it', () => {
    const every = (profile: Partial<Sitter['profile']>) =>
      text(preparationSheet({ ...source, sitter: { ...sitter, profile: profileOf(profile) } }));
    expect(every({})).toContain('every 20 minutes');
    expect(every({ motionLimits: ['shortStanding'] })).toContain('every 3 minutes');
    expect(every({ motionLimits: ['usesWheelchair'] })).toContain('You stay seated');
  });

  it('give the photographer the list to tick off', () => {
    const list = text(photographerChecklist(source));
    for (const words of [
      'Must have: with the hull',
      'yearbook: 4:5, half',
      'Worn: club jacket',
      'AVOIDED',
      'Pockets of club jacket',
    ])
      expect(list).toContain(words);
    expect(list).not.toContain('Still open');
    expect(text(photographerChecklist({ ...source, sitter: { ...sitter, consents: [] } }))).toContain(
      'Touch was not talked about',
    );
  });
});
