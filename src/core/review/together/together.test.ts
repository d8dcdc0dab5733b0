import { describe, expect, it } from 'vitest';
import { CAMERA, LIGHT, profileOf, shotOf } from '../../../../tests/support/people';
import { keptSurface } from '../../../../tests/support/surfaces';
import { bodyFrom } from '../../body';
import { wantedRanges } from '../../brief';
import type { Camera } from '../../camera';
import { ARRANGEMENTS, arranged, type Arrangement } from '../../library';
import { createStandIn, seeShot, type StandIn } from '../../picture';
import { neutralPose, type Pose, type SettingId } from '../../pose';
import type { Mark } from '../../scene';
import { amongOthers, shotOfOne, withAnother, type Shot } from '../../shot';
import { review, RULES, type Finding } from '../review';
import * as together from '.';

const PROFILES = {
  even: profileOf(),
  small: profileOf({ statureM: 1.6, massKg: 50, contourShare: 1 }),
  tall: profileOf({ statureM: 1.86, massKg: 95 }),
  heavy: profileOf({ statureM: 1.68, massKg: 105, build: 'middle' }),
  child: profileOf({ statureM: 1.15, massKg: 20, ageYears: 6 }),
};
type Who = keyof typeof PROFILES;
const ALL = Object.values(ARRANGEMENTS).flat();
const IDS = new Set(Object.values(together).map((r) => r.id));
const FULL: Camera = { ...CAMERA, distanceM: 6, heightM: 1.1 };

const standIns = new Map<string, StandIn>();
function standInFor(who: string, role: string): StandIn {
  const key = `${who} ${role}`;
  if (!standIns.has(key)) {
    const body = bodyFrom(PROFILES[who as Who]);
    standIns.set(key, createStandIn(body, keptSurface(body, 'measured')));
  }
  return standIns.get(key)!;
}

/** The sight of one of two, each with the other for company. */
function sightOf(shot: Shot, role: string) {
  const [one, other] = [...shot.people].sort((p) => (p.role === role ? -1 : 1)) as [
    (typeof shot.people)[number],
    (typeof shot.people)[number],
  ];
  const standIn = standInFor(one.personId, one.role);
  standIn.company = new Map([[other.role, standInFor(other.personId, other.role)]]);
  return seeShot(
    standIn,
    amongOthers(shot, role, (id) => PROFILES[id as Who]),
  );
}

/** What the rules of several find in a picture, for one of its people. */
function foundIn(shot: Shot, role: string): Finding[] {
  return review(sightOf(shot, role), wantedRanges(shot.message)).filter((f) => IDS.has(f.ruleId));
}
const idsIn = (shot: Shot, role: string) => foundIn(shot, role).map((f) => f.id);

function arrangedAs(arrangement: Arrangement, who: readonly [Who, Who]): Shot {
  const one = shotOfOne(who[0], { ...shotOf(), camera: FULL });
  const two = withAnother(one, who[1], neutralPose('x'));
  return arranged(two, arrangement, (id) => PROFILES[id as Who].statureM);
}

type Said = [mark: Mark, settings?: Partial<Record<SettingId, number>>];
/** Two who do not touch, a of even build and b as said. */
function two(a: Said, b: Said, who: Who = 'even', camera: Partial<Camera> = {}): Shot {
  const pose = (settings: Said[1]): Omit<Pose, 'objects' | 'message'> => {
    const { message: _, ...rest } = neutralPose('x');
    return { ...rest, settings: settings ?? {} };
  };
  return {
    people: [
      { role: 'a', personId: 'even', mark: a[0], pose: pose(a[1]) },
      { role: 'b', personId: who, mark: b[0], pose: pose(b[1]) },
    ],
    supports: [],
    message: neutralPose('x').message,
    camera: { ...FULL, ...camera },
    light: LIGHT,
  };
}
const at = (leftM: number, aheadM = 0, turnLeftDeg = 0): Mark => ({ leftM, aheadM, turnLeftDeg });
/** What a rule reads of one of two. */
function valueOf(id: string, shot: Shot, role: string): number | undefined {
  const rule = RULES.find((r) => r.id === id)!;
  return rule.measure(sightOf(shot, role), wantedRanges(shot.message))[0]?.value;
}

describe('heads', () => {
  const leaning = (aDeg: number, bDeg: number, camera?: Partial<Camera>, turnDeg = 0) =>
    two(
      [at(0.25, 0, turnDeg), { headTiltLeftDeg: aDeg }],
      [at(-0.25, 0, turnDeg), { headTiltLeftDeg: bDeg }],
      'even',
      camera,
    );

  it('that lean away are found on whoever leans, and not where they lean towards', () => {
    expect(idsIn(leaning(12, 0), 'a')).toEqual(['heads-apart']);
    expect(idsIn(leaning(12, 0), 'b')).toEqual([]);
    expect(idsIn(leaning(0, -12), 'b')).toEqual(['heads-apart']);
    expect(idsIn(leaning(-12, 12), 'a')).toEqual([]);
    expect(idsIn(leaning(-12, 12), 'b')).toEqual([]);
  });

  it('are measured alike however the camera is rolled', () => {
    const level = valueOf('heads-apart', leaning(12, 0), 'a')!;
    expect(level).toBeLessThan(-8);
    for (const rollDeg of [-40, 25])
      expect(Math.abs(valueOf('heads-apart', leaning(12, 0, { rollDeg }), 'a')! - level)).toBeLessThan(1);
  });

  it('seen from the side stand upright, though the crown is behind the chin', () => {
    expect(Math.abs(valueOf('heads-apart', two([at(0.3, 0, -80)], [at(-0.3, 0, 80)]), 'a')!)).toBeLessThan(4);
  });

  it('far from each other are nobody’s pair', () => {
    const far = two([at(0.6), { headTiltLeftDeg: 14 }], [at(-0.6)]);
    expect(valueOf('heads-apart', far, 'a')).toBeUndefined();
  });
});

describe('somebody behind somebody', () => {
  const behind = (who: Who, leftM: number) => two([at(0, 0.3)], [at(leftM, -0.3)], who);

  it.each(['small', 'heavy'] as const)('has the face covered, and hardly anything seen: %s', (who) => {
    expect(idsIn(behind(who, 0), 'b')).toContain('face-covered');
    expect(idsIn(behind(who, 0), 'a')).toEqual([]);
    expect(valueOf('face-covered', behind(who, 0), 'b')).toBeGreaterThan(50);
  });

  it('is not found beside the other, and a child is no attachment', () => {
    expect(idsIn(behind('small', 0.6), 'b')).toEqual([]);
    expect(idsIn(two([at(0.3)], [at(-0.2)], 'child'), 'b')).toEqual([]);
  });

  it('shows less and less the further they are in line', () => {
    const shares = [0, 0.2, 0.4, 0.7].map((leftM) => valueOf('little-seen', behind('small', leftM), 'b')!);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(shares[0]).toBeLessThan(12);
    expect(shares[3]).toBeGreaterThan(30);
    expect(idsIn(behind('small', 0), 'b')).toContain('little-seen');
  });
});

describe('two who reach over a gap', () => {
  it('have a wedge between them, and not where they stand close', () => {
    const bent = two([at(0.42), { bendLeftDeg: -22 }], [at(-0.42), { bendLeftDeg: 22 }]);
    expect(idsIn(bent, 'a')).toContain('wedge');
    expect(idsIn(bent, 'b')).toContain('wedge');
    expect(idsIn(two([at(0.26)], [at(-0.26)]), 'a')).not.toContain('wedge');
    // turned with the set it is the same
    const turned = two(
      [at(0, -0.42, 90), { bendLeftDeg: -22 }],
      [at(0, 0.42, 90), { bendLeftDeg: 22 }],
      'even',
      { arcDeg: 90 },
    );
    expect(valueOf('wedge', turned, 'a')).toBeCloseTo(valueOf('wedge', bent, 'a')!, 1);
  });
});

describe('the back of who is much taller', () => {
  const kiss = ALL.find((a) => a.id === 'kiss')!;

  it('is found bent where they kiss, and not with one who is hardly taller', () => {
    expect(idsIn(arrangedAs(kiss, ['small', 'tall']), 'b')).toContain('bent-to-other');
    expect(idsIn(arrangedAs(kiss, ['even', 'small']), 'a')).toEqual([]);
  });

  it('is as straight as at ease where nobody is bent', () => {
    expect(valueOf('bent-to-other', two([at(0.28)], [at(-0.28)], 'heavy'), 'b')).toBeLessThan(8);
    expect(valueOf('bent-to-other', two([at(0.28), { bendLeftDeg: -28 }], [at(-0.28)]), 'a')).toBeGreaterThan(
      24,
    );
  });
});

describe('hands of two who touch', () => {
  const arms = ALL.find((a) => a.id === 'armsRound')!;
  const hanging = (deg: number): Arrangement => ({
    ...arms,
    people: arms.people.map((p) => ({
      ...p,
      pose: { ...p.pose, settings: { ...p.pose.settings, leftElbowBendDeg: deg } },
    })),
  });

  it('are idle where they only hang', () => {
    expect(idsIn(arrangedAs(hanging(6), ['even', 'small']), 'a')).toContain('idle-hand:left');
    expect(idsIn(arrangedAs(arms, ['even', 'small']), 'a')).toEqual([]);
  });

  it('are nobody’s business where the two do not touch', () => {
    expect(idsIn(two([at(0.3), { leftElbowBendDeg: 6 }], [at(-0.3)]), 'a')).toEqual([]);
  });
});

describe('the house’s arrangements', () => {
  it.each(ALL.map((a) => [a.id, a] as const))('%s passes the review of two', (_, arrangement) => {
    const shot = arrangedAs(arrangement, arrangement.withChild ? ['child', 'even'] : ['even', 'small']);
    expect(shot.people.flatMap((p) => idsIn(shot, p.role))).toEqual([]);
  });
});

it('one who is alone is not judged by rules of several', () => {
  const sight = seeShot(standInFor('even', 'a'), shotOf());
  for (const rule of Object.values(together))
    expect(rule.measure(sight, wantedRanges(shotOf().pose.message))).toEqual([]);
});
