import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  EMPTY_LOOK,
  FIRST_SCHOOLING,
  followsOwn,
  lookSchema,
  MIDDLE_MESSAGE,
  ownSchoolSchema,
  SCHOOL_IDS,
  SCHOOLS,
  standardIn,
  standardOf,
  TARGET_IDS,
  TARGETS,
  wantedRanges,
  withSilence,
  type OwnSchool,
  type SchoolId,
  type Target,
} from '..';

const scale = fc.double({ min: -1, max: 1, noNaN: true });
const message = fc.record({ presence: scale, openness: scale, formality: scale, movement: scale });
const STRONG = { ...MIDDLE_MESSAGE, presence: 0.8, formality: 0.8 };
const by = (school: SchoolId, of = MIDDLE_MESSAGE) => wantedRanges(of, {}, school);

describe('schools', () => {
  it.each(SCHOOL_IDS)('%s wants ranges that can be, whatever the message', (school) => {
    fc.assert(
      fc.property(message, (m) => {
        for (const id of TARGET_IDS) {
          const { min, max }: Target = TARGETS[id];
          const { low, high } = by(school, m)[id];
          expect([id, min <= low && low <= high && high <= max]).toEqual([id, true]);
        }
      }),
      { numRuns: 100, seed: 17 },
    );
  });

  it.each(SCHOOL_IDS.filter((s) => s !== 'messageLed'))(
    '%s wants something otherwise than the message',
    (school) => {
      expect(Object.keys(SCHOOLS[school].figures)).not.toEqual([]);
      expect(by(school, STRONG)).not.toEqual(by('messageLed', STRONG));
    },
  );

  it('leave to the message what they say nothing of', () => {
    for (const school of SCHOOL_IDS)
      for (const id of TARGET_IDS.filter((t) => !(t in SCHOOLS[school].figures)))
        expect(by(school, STRONG)[id]).toEqual(by('messageLed', STRONG)[id]);
  });

  it('judge right angles whatever the message where none is wanted', () => {
    const { max }: Target = TARGETS.elbowOffRightAngleDeg;
    expect(by('messageLed', STRONG).elbowOffRightAngleDeg).toMatchObject({ low: 0, high: max });
    expect(by('noRightAngles', STRONG).elbowOffRightAngleDeg.low).toBe(7);
  });

  it('tilt the head each their way, and by the message either way', () => {
    expect(by('messageLed').tiltToHighShoulderDeg).toMatchObject({ low: -35, high: 35, deadBand: [0, 0] });
    expect(by('traditionalMasculine').tiltToHighShoulderDeg).toMatchObject({ low: -35, high: 6 });
    expect(by('traditionalFeminine').tiltToHighShoulderDeg).toMatchObject({ low: -6, high: 35 });
  });

  it('give way to what was set by hand, and the other end with them', () => {
    const hand = wantedRanges(MIDDLE_MESSAGE, { headTiltDeg: { low: 12 } }, 'headPortrait').headTiltDeg;
    expect(hand).toMatchObject({ low: 12, high: 12 });
    expect(wantedRanges(MIDDLE_MESSAGE, { headTiltDeg: { high: 4 } }).headTiltDeg).toMatchObject({
      low: 0,
      high: 4,
    });
  });
});

describe('a look', () => {
  const look = { ...EMPTY_LOOK, id: 'a' };

  it('follows its school, and does not ask what it silences', () => {
    const silent = withSilence(
      { ...look, schooling: { ...FIRST_SCHOOLING, from: 'silhouette' } },
      'fist',
      'a boxer',
    );
    expect(lookSchema.parse(silent)).toEqual(silent);
    const standard = standardIn(silent, MIDDLE_MESSAGE);
    expect(standard.silenced).toEqual(['fist']);
    expect(standard.ranges).toEqual(by('silhouette'));
    expect(standardIn(look, MIDDLE_MESSAGE)).toEqual(standardOf(MIDDLE_MESSAGE));
  });

  it('says a rule’s reason once, and asks it again', () => {
    const twice = withSilence(withSilence(look, 'fist', 'one'), 'fist', 'two');
    expect(twice.schooling?.silenced).toEqual([{ ruleId: 'fist', reason: 'two' }]);
    expect(withSilence(twice, 'fist', null).schooling).toEqual(FIRST_SCHOOLING);
  });

  it.each([
    ['schooling.from', { from: 'loud', silenced: [] }],
    ['schooling.silenced.0.reason', { from: 'silhouette', silenced: [{ ruleId: 'fist', reason: ' ' }] }],
    [
      'schooling.silenced.1.ruleId',
      {
        from: 'silhouette',
        silenced: [
          { ruleId: 'fist', reason: 'a' },
          { ruleId: 'fist', reason: 'b' },
        ],
      },
    ],
  ])('refuses %s that cannot be, and names it', (path, schooling) => {
    const { error } = lookSchema.safeParse({ ...look, schooling });
    expect(error?.issues[0]?.path.join('.')).toBe(path);
  });

  it('follows a school of one’s own as long as it says the same', () => {
    const own: OwnSchool = ownSchoolSchema.parse({
      id: 'o',
      name: 'Mine',
      keptAt: '2026-05-01T10:00:00.000Z',
      schooling: FIRST_SCHOOLING,
      targets: { headTiltDeg: { high: 20 } },
    });
    expect(followsOwn({ ...look, targets: own.targets }, own)).toBe(true);
    expect(followsOwn(look, own)).toBe(false);
    expect(followsOwn(withSilence({ ...look, targets: own.targets }, 'fist', 'x'), own)).toBe(false);
  });
});
