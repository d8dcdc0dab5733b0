import { bodyFrom } from '../body';
import { standardIn, standardOf } from '../brief';
import { describe, expect, it } from 'vitest';
import { shotOf, profileOf, standInOf, type PersonName } from '../../../tests/support/people';
import { STANDING_POSES } from '../library';
import { createStandIn, seeShot } from '../picture';
import type { SoloShot } from '../shot';
import { SETTING_IDS, STATIONS, withContact, withSetting, type Message } from '../pose';
import { outside, review, type Finding } from './review';
import { EXAMPLES } from './examples';
import { RULES } from './rules';
import { GRADES } from './rule';
import * as together from './together';
import { keptSurface } from '../../../tests/support/surfaces';

const NEAR = { focalLengthMm: 24, distanceM: 1.6 };
const HEAD = { focalLengthMm: 105, distanceM: 2 };

function findingsOf(shot: SoloShot, message: Partial<Message> = {}, name: PersonName = 'average'): Finding[] {
  return review(seeShot(standInOf(name), shot), standardOf({ ...shot.pose.message, ...message }));
}
const ids = (shot: SoloShot, message?: Partial<Message>) => findingsOf(shot, message).map((f) => f.id);

/** A shot in which a finding is wanted, and the like of it in which it is not. */
const CASES: [id: string, faulty: SoloShot, sound: SoloShot][] = [
  ['toes-in:left', shotOf({ leftFootOutDeg: -12 }), shotOf({ leftFootOutDeg: 0 })],
  ['toes-in:right', shotOf({ rightFootOutDeg: -12 }), shotOf({ leftFootOutDeg: -12 })],
  ['feet-together', shotOf({ heelSpacingShoulders: 0.2 }), shotOf({ heelSpacingShoulders: 0.5 })],
  [
    'feet-together',
    shotOf({ heelSpacingShoulders: 0.2 }),
    shotOf({ heelSpacingShoulders: 0.2, hipsTurnLeftDeg: 40 }),
  ],
  ['even-weight', shotOf({ leftWeightShare: 0.56 }), shotOf({ leftWeightShare: 0.75 })],
  ['even-weight', shotOf({ leftWeightShare: 0.44 }), shotOf({ leftWeightShare: 0.25 })],
  [
    'locked-joints:left knee',
    shotOf({ leftKneeBendDeg: 0, rightKneeBendDeg: 0 }),
    shotOf({ leftKneeBendDeg: 8, rightKneeBendDeg: 8 }),
  ],
  ['locked-joints:right elbow', shotOf({ rightElbowBendDeg: 3 }), shotOf({ rightElbowBendDeg: 14 })],
  ['locked-joints:left wrist', shotOf({ leftWristBendDeg: 65 }), shotOf({ leftWristBendDeg: 30 })],
  ['locked-joints:left wrist', shotOf({ leftWristBendDeg: -65 }), shotOf({ leftWristBendDeg: -30 })],
  ['square-shoulders', shotOf({}), shotOf({ hipsTurnLeftDeg: 30 })],
  ['square-shoulders', shotOf({ hipsTurnLeftDeg: 30 }, { arcDeg: 30 }), shotOf({}, { arcDeg: 30 })],
  ['no-daylight:left', shotOf({ leftArmOutDeg: 2 }), shotOf({ leftArmOutDeg: 20, leftElbowBendDeg: 26 })],
  ['no-daylight:right', shotOf({ rightArmOutDeg: 2 }), shotOf({ rightArmOutDeg: 20, rightElbowBendDeg: 26 })],
  [
    'enlarged-part:left:elbow',
    shotOf({ leftArmForwardDeg: 80, leftElbowBendDeg: 20 }, { distanceM: 2, heightM: 1.2 }),
    shotOf({ leftArmForwardDeg: 80, leftElbowBendDeg: 20 }, { distanceM: 5, heightM: 1.2 }),
  ],
  [
    'enlarged-part:right:knee',
    shotOf({}, { ...NEAR, heightM: 0.3, aim: { kind: 'aimed', heightM: 1 } }),
    shotOf({}, { ...NEAR, heightM: 1.5, aim: { kind: 'aimed', heightM: 1 } }),
  ],
  ['enlarged-part:hips', shotOf({ hingeDeg: -15 }, { ...NEAR, heightM: 0.9 }), shotOf({}, { distanceM: 5 })],
  ['chin-back', shotOf({ faceForwardCm: -3, chinDownDeg: 8 }), shotOf({ faceForwardCm: 3 })],
  ['gaze-far', shotOf({ headTurnLeftDeg: 32 }), shotOf({ headTurnLeftDeg: 18 })],
  ['gaze-far:reach', shotOf({ headTurnLeftDeg: 60 }), shotOf({ headTurnLeftDeg: 30 })],
  ['frame-edge', shotOf({}, { distanceM: 3, heightM: 1.2 }), shotOf({}, { distanceM: 3.2, heightM: 1.3 })],
  ['head-tilt', shotOf({ headTiltLeftDeg: -20 }), shotOf({ headTiltLeftDeg: -8 })],
  ['beyond-range:trunkRotation', shotOf({ twistLeftDeg: 49 }), shotOf({ twistLeftDeg: -30 })],
  ['lens-height', shotOf({}, { ...HEAD, heightM: 1.75 }), shotOf({}, { ...HEAD, heightM: 1.54 })],
  [
    'lens-height',
    shotOf({}, { ...HEAD, heightM: 1.3, aim: { kind: 'aimed', heightM: 1.73 } }),
    shotOf({}, { distanceM: 5, heightM: 0.95 }),
  ],
];

/** A shot with the key elsewhere. */
function litBy(light: Partial<SoloShot['light']>, camera: Partial<SoloShot['camera']> = {}): SoloShot {
  const shot = shotOf({}, camera);
  return { ...shot, light: { ...shot.light, ...light } };
}
CASES.push(
  [
    'dark-sockets',
    litBy({ arcDeg: 0, heightM: 3.8, distanceM: 0.8 }),
    litBy({ arcDeg: 0, heightM: 2.2, distanceM: 1.6 }),
  ],
  ['key-from-below', litBy({ heightM: 0.6, distanceM: 1.5 }), litBy({ heightM: 1.8, distanceM: 1.5 })],
  [
    'no-catchlight',
    litBy({ arcDeg: 0, heightM: 4, distanceM: 0.4, sizeM: 0.2 }, { ...HEAD, heightM: 1.54 }),
    litBy({ arcDeg: 20, heightM: 2, distanceM: 1.6 }, { ...HEAD, heightM: 1.54 }),
  ],
  [
    'no-catchlight',
    litBy({ arcDeg: 92, heightM: 1.8, distanceM: 1.5 }, { ...HEAD, heightM: 1.54 }),
    litBy({ arcDeg: 140, heightM: 1.8, distanceM: 1.5 }, { ...HEAD, heightM: 1.54 }),
  ],
  // a lamp behind the sitter beside the shoulder, and one out of the frame
  ['lamp-in-frame:key', litBy({ arcDeg: 165, heightM: 1.5, distanceM: 1.2 }), litBy({ arcDeg: 60 })],
  // a softbox behind the sitter's shoulder faces the lens inside its hood; before the sitter it faces away from it
  [
    'lens-flare:key',
    litBy({ arcDeg: 130, heightM: 1.5, distanceM: 1.8 }, HEAD),
    litBy({ arcDeg: 40, heightM: 2, distanceM: 1.5 }),
  ],
);

describe('each rule', () => {
  it.each(CASES)('%s fires on the fault and not without it', (id, faulty, sound) => {
    expect(ids(faulty)).toContain(id);
    expect(ids(sound)).not.toContain(id);
  });

  it('is among the cases', () => {
    // those of several have cases of their own
    const ofSeveral = new Set<string>(Object.values(together).map((r) => r.id));
    const ofOne = RULES.map((r) => r.id).filter((id) => !ofSeveral.has(id));
    // and what is seen before a ground alone has them in a file of its own
    const ofGround = ['merges-with-ground'];
    const known = [...CASES.map(([id]) => id.split(':')[0]), ...Object.keys(EXAMPLES), ...ofGround];
    expect(new Set(known)).toEqual(new Set(ofOne));
  });

  it.each(RULES.map((r) => [r.id, r] as const))(
    '%s has words, a weight and real settings to mend with',
    (_, rule) => {
      expect(rule.reason).toMatch(/^[A-Z].*\.$/);
      expect(rule.weight).toBeGreaterThan(0);
      expect(rule.weight).toBeLessThanOrEqual(1);
      const settings = new Set<string>(SETTING_IDS);
      for (const m of rule.measure(
        seeShot(standInOf('average'), shotOf()),
        standardOf(shotOf().pose.message).ranges,
      )) {
        expect(m.title).toMatch(/^[A-Z]/);
        expect(m.full).toBeGreaterThan(0);
        expect(m.low).toBeLessThanOrEqual(m.high);
        for (const v of m.variables) if (v.on === 'pose') expect(settings.has(v.id)).toBe(true);
      }
    },
  );
});

describe('the message decides what is wanted', () => {
  it('presence may stand square on even feet', () => {
    const soft = ids(shotOf(), { presence: -0.5 });
    expect(soft).toContain('even-weight');
    expect(soft).toContain('square-shoulders');
    const strong = ids(shotOf(), { presence: 0.8 });
    expect(strong).not.toContain('even-weight');
    expect(strong).not.toContain('square-shoulders');
  });
});

describe('the record and the brief are heard', () => {
  it('a stiff neck makes a turn of the head a fault that names it', () => {
    const body = bodyFrom(profileOf({ motionLimits: ['stiffNeck'] }));
    const standIn = createStandIn(body, keptSurface(body, 'sketched'));
    const shot = shotOf({ headTurnLeftDeg: 42 });
    const standard = standardOf(shot.pose.message);
    const found = review(seeShot(standIn, shot), standard).find((f) => f.id === 'beyond-range:neckRotation');
    expect(found?.title).toBe('Too far for this sitter (stiff neck): head turned');
    expect(ids(shot)).not.toContain('beyond-range:neckRotation');
  });

  it('both ends of a range that was set by hand hold, each under its own name', () => {
    const shot = shotOf({ heelSpacingShoulders: 0.8, hipsTurnLeftDeg: 5 });
    const found = (low: number, high: number) =>
      review(
        seeShot(standInOf('average'), shot),
        standardIn({ message: null, targets: { feetApartShoulders: { low, high } } }, shot.pose.message),
      ).find((f) => f.ruleId === 'feet-together')?.title;
    expect(found(0.9, 2)).toBe('The feet stand together');
    expect(found(0.4, 0.7)).toBe('The feet stand wider than the message bears');
    expect(found(0.4, 1)).toBeUndefined();
  });
});

describe('findings', () => {
  it('come in the order of the work, and grow with the fault', () => {
    const all = findingsOf(
      shotOf({ leftFootOutDeg: -30, rightElbowBendDeg: 3, faceForwardCm: -3, twistLeftDeg: 49 }),
    );
    expect(all.length).toBeGreaterThan(3);
    const order = (f: Finding) => {
      const station =
        f.station === 'camera' || f.station === 'light' ? STATIONS.length : STATIONS.indexOf(f.station);
      return GRADES.indexOf(f.grade) * 100 + station;
    };
    expect(all[0]!.grade).toBe('stop');
    expect(all.at(-1)!.grade).toBe('polish');
    expect(all.map(order)).toEqual(all.map(order).sort((a, b) => a - b));
    const toes = (deg: number) =>
      findingsOf(shotOf({ leftFootOutDeg: deg })).find((f) => f.id === 'toes-in:left')!.severity;
    expect(toes(-20)).toBeGreaterThan(toes(-8));
  });

  it('always carry numbers, from wherever the lens looks', () => {
    for (const heightM of [0.1, 0.95, 1.6, 2.4])
      for (const distanceM of [0.7, 1.5, 6])
        for (const focalLengthMm of [24, 85, 200])
          for (const finding of findingsOf(shotOf({}, { heightM, distanceM, focalLengthMm }))) {
            expect(Number.isFinite(finding.measurement.value)).toBe(true);
            expect(finding.severity).toBeGreaterThan(0);
            expect(outside(finding.measurement)).toBeGreaterThan(0);
          }
  });

  it('are the mirrored ones for the mirrored pose', () => {
    const left = shotOf({ leftFootOutDeg: -12, leftElbowBendDeg: 3, hipsTurnLeftDeg: 20 });
    const right = shotOf({ rightFootOutDeg: -12, rightElbowBendDeg: 3, hipsTurnLeftDeg: -20 });
    const swap = (id: string) => id.replace(/left|right/g, (w) => (w === 'left' ? 'right' : 'left'));
    // the key light does not enter the review, so the picture is the mirror image
    expect(ids(left).map(swap).sort()).toEqual(ids(right).sort());
  });

  it('spare the house’s poses on two unlike bodies, but for daylight', () => {
    for (const name of ['slight', 'average'] as const)
      for (const pose of STANDING_POSES) {
        const found = findingsOf({ ...shotOf(), pose }, {}, name).filter((f) => f.ruleId !== 'no-daylight');
        expect(found.map((f) => `${name} ${pose.name} ${f.id}`)).toEqual([]);
      }
  });

  it('leave alone what a hand on the hip decides', () => {
    const held = {
      ...shotOf(),
      pose: withContact(withSetting(shotOf().pose, 'leftElbowBendDeg', 3), 'left', 'hipCrest'),
    };
    expect(ids(held)).not.toContain('locked-joints:left elbow');
  });
});

describe('what is not asked', () => {
  const turned = shotOf({ headTurnLeftDeg: 62, leftFootOutDeg: -30 });
  const stiff = { ...standInOf('average') };
  stiff.body = { ...stiff.body, profile: { ...stiff.body.profile, motionLimits: ['stiffNeck'] } };
  const seen = (silenced: string[]) =>
    review(seeShot(stiff, turned), { ...standardOf(turned.pose.message), silenced });

  it('is not found', () => {
    expect(seen([]).map((f) => f.ruleId)).toContain('toes-in');
    expect(seen(['toes-in'])).toEqual(seen([]).filter((f) => f.ruleId !== 'toes-in'));
  });

  it('is found all the same where it is asked for the sitter’s sake, and first of all', () => {
    const [first] = seen(RULES.map((r) => r.id));
    expect(first).toMatchObject({ id: 'beyond-range:neckRotation', isForCare: true });
    expect(seen([])[0]!.id).toBe(first!.id);
  });
});
