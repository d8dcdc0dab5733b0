import { describe, expect, it } from 'vitest';
import { CONTACT_BODIES } from '../../../tests/support/contactBodies';
import { faultsOf } from '../../../tests/support/poseChecks';
import { bodyFrom } from '../body';
import { figureOf } from '../figure';
import { CARRIED_NAMES, mirrorPose, neutralPose, poseSchema, type Pose } from '../pose';
import { subtract } from '../units';
import { carriedIn, forSitter, HOUSE_POSES, ownSupport } from '.';
import { FRENCH } from './house/words/french';
import { GERMAN } from './house/words/german';
import { SPANISH } from './house/words/spanish';
import { keptSurface } from '../../../tests/support/surfaces';

const ALL = Object.values(HOUSE_POSES).flat();

/** From slight to stout, short to tall, and one who is seven months pregnant. */
const SIX = [0, 3, 4, 5, 6, 8].map((i) => CONTACT_BODIES[i]!);

describe('the poses of the house', () => {
  it('are introduced in every language, each in its own words, and no words are left of a pose that is gone', () => {
    for (const [language, words] of Object.entries({ de: GERMAN, fr: FRENCH, es: SPANISH })) {
      const said = ALL.map((p) => p.wordsIn?.[language as 'de']);
      expect(said.filter(Boolean)).toHaveLength(ALL.length);
      expect(new Set(said).size).toBe(ALL.length);
      expect(Object.keys(words).sort()).toEqual(ALL.map((p) => p.name).sort());
      for (const text of said) expect(text).toMatch(/^\p{Lu}.*[.?]$/u);
    }
  });

  it('are as many as were planned of each kind, each with its own name and words', () => {
    const counts = Object.fromEntries(
      Object.entries(HOUSE_POSES).map(([group, poses]) => [group, poses.length]),
    );
    expect(ALL.length).toBeGreaterThanOrEqual(90);
    expect(counts).toEqual({
      standing: 15,
      chair: 14,
      'wall or rail': 6,
      'stool, bench or armchair': 8,
      sofa: 9,
      floor: 15,
      'table or step': 7,
      'head and shoulders': 8,
      moving: 6,
      'other supports': 8,
    });
    expect(new Set(ALL.map((p) => p.name)).size).toBe(ALL.length);
    expect(new Set(ALL.map((p) => p.words)).size).toBe(ALL.length);
  });

  it.each(ALL.map((p) => [p.name, p] as const))('%s keeps to the schema', (_, pose) => {
    expect(poseSchema.safeParse(pose).error).toBeUndefined();
  });

  describe.each(SIX)('on $name', ({ profile }) => {
    const body = bodyFrom(profile);
    const surface = keptSurface(body, 'sketched');
    it.each(ALL.map((p) => [p.name, p] as const))('%s passes every check', (_, pose) => {
      const { faults, figure } = faultsOf(body, surface, pose);
      expect(faults).toEqual([]);
      // what is not stable has to be told by its margin
      expect(figure.balance.isStable).toBe(figure.balance.marginM > 0);
      const sum = figure.balance.loads.reduce((s, l) => s + l.share, 0);
      expect(sum).toBeCloseTo(1, 6);
    });
  });
});

describe('every way of being carried', () => {
  const { profile } = CONTACT_BODIES[5]!;
  const body = bodyFrom(profile);
  const lens = { lens: [0, 1.2, 4] as [number, number, number] };
  it.each(CARRIED_NAMES)('%s is mirrored by the mirrored pose', (carried) => {
    const pose = carriedIn(neutralPose('start'), carried);
    const one = figureOf(body, pose, lens);
    const other = figureOf(body, mirrorPose(pose), lens);
    for (const side of ['left', 'right'] as const) {
      const across = side === 'left' ? 'right' : 'left';
      for (const joint of ['elbows', 'wrists', 'knees', 'ankles', 'toes'] as const) {
        const [x, y, z] = other.points[joint][across];
        expect(Math.hypot(...subtract(one.points[joint][side], [-x, y, z]))).toBeLessThan(0.0015);
      }
    }
  });

  it('keeps what was said above the hips, and drops contacts with supports that are gone', () => {
    const before: Pose = {
      ...carriedIn(neutralPose('x'), 'sit'),
      settings: { headTurnLeftDeg: 12, hingeDeg: 20 },
      contacts: [
        { part: 'left:palm', to: 'seat', kind: 'lean', pressure: 'light' },
        { part: 'right:palm', to: 'thighTop', kind: 'rest', pressure: 'light' },
      ],
    };
    const after = carriedIn(before, 'stand');
    expect(after.settings).toEqual({ headTurnLeftDeg: 12 });
    expect(after.objects).toBeUndefined();
    expect(after.contacts.map((c) => c.part)).toEqual(['right:palm']);
  });
});

describe("a sitter's own wheelchair", () => {
  const inWheelchair = HOUSE_POSES['other supports']![0]!;
  const seatOf = (pose: Pose) => pose.objects?.[0]?.sizesM?.seatHeightM;

  it('has the seat height of the record, and the body sits on it', () => {
    expect(seatOf(inWheelchair)).toBeUndefined();
    const own = forSitter(inWheelchair, 0.56);
    expect(seatOf(own)).toBe(0.56);
    const body = bodyFrom(CONTACT_BODIES[5]!.profile);
    const [usual, higher] = [inWheelchair, own].map((pose) => figureOf(body, pose, { lens: [0, 1.2, 4] }));
    expect(higher!.points.hips.left[1] - usual!.points.hips.left[1]).toBeCloseTo(0.06, 2);
  });

  it('keeps what was said of it, the range of the support, and other supports', () => {
    const said = { ...inWheelchair.objects![0]!, sizesM: { seatHeightM: 0.45 } };
    expect(ownSupport(said, 0.56)).toBe(said);
    expect(ownSupport(inWheelchair.objects![0]!, 0.8).sizesM?.seatHeightM).toBe(0.6);
    const sofa = HOUSE_POSES.sofa![0]!;
    expect(forSitter(sofa, 0.56)).toEqual(sofa);
    expect(forSitter(inWheelchair, undefined)).toEqual(inWheelchair);
  });
});
