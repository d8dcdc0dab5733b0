import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { standardOf, wantedRanges } from '../brief';
import { KEY_RANGES } from '../light';
import { CAMERA_RANGES } from '../camera';
import { STANDING_POSES } from '../library';
import { seeShot } from '../picture';
import type { SoloShot } from '../shot';
import { SETTINGS, settingOf, withHeld, withSetting, type Contact } from '../pose';
import { plainGround, supportAt } from '../scene';
import { framed } from '../set';
import { GRADES, outside, review, RULES, shortOfClear, type Finding } from '../review';
import { mend, type MendChange } from '.';

const standIn = standInOf('average');
const findings = (shot: SoloShot) => review(seeShot(standIn, shot), standardOf(shot.pose.message));

/** Mends a finding of a shot. */
const mendOf = (shot: SoloShot, id: string) =>
  mend(
    standIn,
    shot,
    findings(shot).find((f) => f.id === id)!,
  );

/** The measurement of a finding in another shot; undefined where it is no longer seen. */
const measured = (shot: SoloShot, finding: Finding, of = standIn) =>
  RULES.find((r) => r.id === finding.ruleId)!
    .measure(seeShot(of, shot), wantedRanges(shot.pose.message))
    .find((m) => m.key === finding.measurement.key);

const FAULTY: [name: string, shot: SoloShot, id: string][] = [
  ['toes', shotOf({ leftFootOutDeg: -20 }), 'toes-in:left'],
  ['feet', shotOf({ heelSpacingShoulders: 0.2 }), 'feet-together'],
  ['weight', shotOf({ leftWeightShare: 0.5 }), 'even-weight'],
  ['elbow', shotOf({ rightElbowBendDeg: 2 }), 'locked-joints:right elbow'],
  ['wrist', shotOf({ leftWristBendDeg: 66 }), 'locked-joints:left wrist'],
  ['arm', shotOf({ leftArmOutDeg: 4 }), 'no-daylight:left'],
  [
    'reach',
    shotOf({ leftArmForwardDeg: 80, leftElbowBendDeg: 20 }, { distanceM: 2, heightM: 1.2 }),
    'enlarged-part:left:elbow',
  ],
  ['chin', shotOf({ faceForwardCm: -3 }), 'chin-back'],
  ['eyes', shotOf({ headTurnLeftDeg: 32 }), 'gaze-far'],
  ['target', shotOf({ headTurnLeftDeg: 45 }), 'gaze-far:reach'],
  ['cut', shotOf({}, { distanceM: 3, heightM: 1.2 }), 'frame-edge'],
  ['lens', shotOf({}, { focalLengthMm: 105, distanceM: 2, heightM: 1.68 }), 'lens-height'],
];

/** A change of a number; another one fails. */
function numberOf(change: MendChange): Extract<MendChange, { kind: 'number' }> {
  if (change.kind !== 'number') throw new Error('something was chosen anew');
  return change;
}

describe.each(FAULTY)('the mend of %s', (_, shot, id) => {
  const finding = findings(shot).find((f) => f.id === id) as Finding;
  const result = mend(standIn, shot, finding);

  it('clears the finding and raises no other', () => {
    expect(finding).toBeDefined();
    expect(result.kind).toBe('mended');
    if (result.kind !== 'mended') return;
    const before = new Map(findings(shot).map((f) => [f.id, f.severity]));
    // what matters less may be raised by what matters more
    const after = findings(result.shot).filter(
      (f) => GRADES.indexOf(f.grade) <= GRADES.indexOf(finding.grade),
    );
    expect(after.map((f) => f.id)).not.toContain(id);
    for (const f of after) {
      expect(before.has(f.id)).toBe(true);
      expect(f.severity).toBeLessThanOrEqual(before.get(f.id)! + 0.05);
    }
  });

  it('leaves what is measured in sight', () => {
    if (result.kind !== 'mended') throw new Error(result.why);
    expect(measured(result.shot, finding)).toBeDefined();
  });

  it('says what it changed, in whole steps, and keeps the rest', () => {
    if (result.kind !== 'mended') throw new Error(result.why);
    const [first] = result.changes;
    expect(finding.measurement.variables).toContainEqual(first!.variable);
    let rebuilt = shot;
    for (const { variable, from, to } of result.changes.map(numberOf)) {
      if (variable.on === 'pose') {
        const steps = (to - from) / SETTINGS[variable.id].step;
        expect(Math.abs(steps - Math.round(steps))).toBeLessThan(0.01);
        expect(settingOf(rebuilt.pose, variable.id)).toBe(from);
        rebuilt = { ...rebuilt, pose: withSetting(rebuilt.pose, variable.id, to) };
      } else if (variable.on === 'light') {
        expect(rebuilt.light[variable.name]).toBe(from);
        expect(to).toBeLessThanOrEqual(KEY_RANGES[variable.name].max);
        rebuilt = { ...rebuilt, light: { ...rebuilt.light, [variable.name]: to } };
      } else if (variable.on !== 'camera') {
        throw new Error(`one who stands alone is not mended by ${variable.on}`);
      } else {
        expect(rebuilt.camera[variable.name]).toBe(from);
        expect(to).toBeLessThanOrEqual(CAMERA_RANGES[variable.name].max);
        rebuilt = { ...rebuilt, camera: { ...rebuilt.camera, [variable.name]: to } };
      }
    }
    expect(result.shot).toEqual(rebuilt);
  });

  it('is the same each time', () => {
    expect(mend(standIn, shot, finding)).toEqual(result);
  });
});

/** Those that one setting of the pose mends. */
const ONE_SETTING = new Set(['toes', 'feet', 'elbow', 'wrist', 'arm', 'chin', 'eyes', 'target']);

it.each(FAULTY.filter(([name]) => ONE_SETTING.has(name)))(
  'asks for no more than is needed for %s: a step less does not clear it cleanly',
  (_, shot, id) => {
    const result = mendOf(shot, id);
    if (result.kind !== 'mended') throw new Error(result.why);
    expect(result.changes).toHaveLength(1);
    const { variable, from, to } = numberOf(result.changes[0]!);
    if (variable.on !== 'pose') throw new Error('camera or light was moved');
    const less = to - Math.sign(to - from) * SETTINGS[variable.id].step;
    const before = new Set(findings(shot).map((f) => f.id));
    const nearly = { ...shot, pose: withSetting(shot.pose, variable.id, less) };
    const finding = findings(shot).find((f) => f.id === id)!;
    const isClear = shortOfClear(measured(nearly, finding)!) === 0;
    expect(isClear && findings(nearly).every((f) => before.has(f.id))).toBe(false);
  },
);

it.each([
  ['dark-sockets', { heightM: 3.6, distanceM: 1 }],
  ['key-from-below', { heightM: 0.6, distanceM: 1.5 }],
] as const)('moves the key for %s', (id, light) => {
  const shot = { ...shotOf(), light: { ...shotOf().light, arcDeg: 10, ...light } };
  const result = mendOf(shot, id);
  if (result.kind !== 'mended') throw new Error(result.why);
  expect(result.changes.map((c) => c.variable.on)).toEqual(['light']);
  expect(result.shot.pose).toEqual(shot.pose);
  expect(findings(result.shot).map((f) => f.id)).not.toContain(id);
});

it('turns shoulders under a face that stays', () => {
  const shot = shotOf();
  const result = mendOf(shot, 'square-shoulders');
  if (result.kind !== 'mended') throw new Error(result.why);
  const face = (s: SoloShot) => seeShot(standIn, s).figure.turnDeg.face;
  expect(Math.abs(face(result.shot) - face(shot))).toBeLessThan(4);
  expect(Math.abs(seeShot(standIn, result.shot).figure.turnDeg.chest)).toBeGreaterThanOrEqual(15);
});

it('clears what the first change raises with a second one', () => {
  const folded = STANDING_POSES.find((p) => p.name === 'Folded arms')!;
  const message = { presence: -0.5, openness: 0.5, formality: 0.5, movement: -0.5 };
  const { points } = seeShot(standIn, { ...shotOf(), pose: folded }).figure;
  const shot: SoloShot = {
    ...shotOf(),
    pose: { ...folded, message },
    camera: framed(shotOf().camera, points, 'half')!,
  };
  const result = mendOf(shot, 'even-weight');
  if (result.kind !== 'mended') throw new Error(result.why);
  const names = result.changes
    .map(numberOf)
    .map(({ variable }) => (variable.on === 'pose' ? variable.id : variable.name));
  // the hips that shift bring a joint to the edge of the frame, and the camera goes back
  expect(names).toEqual(['leftWeightShare', 'distanceM']);
  expect(findings(result.shot).map((f) => f.ruleId)).not.toContain('frame-edge');
});

it('says that it is stuck instead of doing harm', () => {
  // the lens looks along the floor from two metres: no small step brings knees of this size back
  const shot = shotOf(
    { leftKneeBendDeg: 60, rightKneeBendDeg: 60 },
    { focalLengthMm: 24, distanceM: 0.9, heightM: 0.4, aim: { kind: 'aimed', heightM: 1 } },
  );
  const finding = findings(shot).find((f) => f.id === 'enlarged-part:left:knee')!;
  const result = mend(standIn, shot, finding);
  expect(result).toMatchObject({
    kind: 'stuck',
    why: 'raisesAnother',
  });
  expect(mend(standIn, shot, { ...finding, ruleId: 'none' as Finding['ruleId'] })).toMatchObject({
    why: 'unknownRule',
  });
});

it('mends the house’s own poses where they show a fault for a soft message', () => {
  for (const pose of STANDING_POSES) {
    const shot: SoloShot = { ...shotOf(), pose: { ...pose, message: { ...pose.message, presence: 0 } } };
    for (const finding of findings(shot)) {
      const result = mend(standIn, shot, finding);
      if (result.kind === 'mended') {
        expect(findings(result.shot).map((f) => f.id)).not.toContain(finding.id);
      } else expect(result.why).toBe('raisesAnother');
    }
  }
});

describe('a key from below', () => {
  const low: SoloShot = { ...shotOf(), light: { ...shotOf().light, heightM: 0.6, distanceM: 1.5 } };
  const finding = findings(low).find((f) => f.ruleId === 'key-from-below')!;

  it('is put up where it is a lamp, and stays in its wall where it is a window', () => {
    const result = mend(standIn, low, finding);
    expect(result.kind).toBe('mended');
    const window: SoloShot = { ...low, light: { ...low.light, kind: 'window', facesDeg: -140, acrossM: 1 } };
    const again = findings(window).find((f) => f.ruleId === 'key-from-below')!;
    expect(again).toBeDefined();
    expect(mend(standIn, window, again).kind).toBe('stuck');
  });
});

it('sees the room’s furniture in what it tries', () => {
  // a wall hides the sitter's waist from the lens: there is no daylight to find or to lose
  const shot = shotOf({ leftArmOutDeg: -3 });
  const finding = findings(shot).find((f) => f.id === 'no-daylight:left')!;
  const bare = mend(standIn, shot, finding);
  expect(bare.kind).toBe('mended');
  const wall = supportAt('wall', { aheadM: 1, sizesM: { widthM: 2, heightM: 1.35 } });
  const ground = { ...plainGround(3), furniture: [wall] };
  const seen = review(seeShot(standIn, shot, { ground }), standardOf(shot.pose.message));
  expect(seen.map((f) => f.id)).not.toContain('no-daylight:left');
  const hidden = mend(standIn, shot, finding, { ground });
  expect(hidden).not.toEqual(bare);
});

it('hides nothing that it was asked to mend, on the heavy body', () => {
  const heavy = standInOf('heavy');
  for (const pose of STANDING_POSES.slice(0, 4)) {
    const shot: SoloShot = { ...shotOf(), pose: { ...pose, message: { ...pose.message, presence: 0 } } };
    const standard = standardOf(shot.pose.message);
    for (const finding of review(seeShot(heavy, shot), standard)) {
      const result = mend(heavy, shot, finding);
      if (result.kind !== 'mended') continue;
      const after = measured(result.shot, finding, heavy);
      expect(after, `${pose.name}: ${finding.id}`).toBeDefined();
      expect(outside(after!)).toBe(0);
    }
  }
});

it('does not take what is no longer seen for mended: an arm brought before the waist hides its daylight', () => {
  const shot = shotOf({ leftArmOutDeg: 0 });
  const finding = findings(shot).find((f) => f.id === 'no-daylight:left')!;
  const hiding = { on: 'pose', id: 'leftArmForwardDeg' } as const;
  const raised = { ...shot, pose: withSetting(shot.pose, 'leftArmForwardDeg', 48) };
  expect(measured(raised, finding)).toBeUndefined();
  const only = { ...finding, measurement: { ...finding.measurement, variables: [hiding] } };
  const result = mend(standIn, shot, only);
  if (result.kind === 'mended') expect(measured(result.shot, finding)!.value).toBeGreaterThan(2);
  else expect(result.why).toBe('raisesAnother');
});

it('turns a missing catchlight into one that is seen, never into an edge of light', () => {
  const camera = { focalLengthMm: 105, distanceM: 2, heightM: 1.54 };
  const light = { ...shotOf().light, arcDeg: 92, heightM: 1.8, distanceM: 1.5 };
  const shot = { ...shotOf({}, camera), light };
  const finding = findings(shot).find((f) => f.ruleId === 'no-catchlight')!;
  expect(finding).toBeDefined();
  const result = mend(standIn, shot, finding);
  if (result.kind === 'stuck') return;
  const { pattern, reflections } = seeShot(standIn, result.shot).face();
  expect(['rim', 'back']).not.toContain(pattern.name);
  expect(reflections.catchlights.left.length + reflections.catchlights.right.length).toBeGreaterThan(1);
});

describe('held stations', () => {
  const shot = shotOf({ leftFootOutDeg: -20 });
  const finding = findings(shot).find((f) => f.id === 'toes-in:left')!;

  it('are left alone, and a mend that has nothing else says so', () => {
    expect(mend(standIn, shot, finding, { held: ['feet'] })).toMatchObject({ kind: 'stuck', why: 'held' });
    expect(mend(standIn, shot, finding, { held: ['head', 'arms'] }).kind).toBe('mended');
  });

  it('stay as they were in what a mend proposes, and the finding is gone all the same', () => {
    const square = findings(shotOf()).find((f) => f.id === 'square-shoulders')!;
    const result = mend(standIn, shotOf(), square, { held: ['spine'] });
    if (result.kind !== 'mended') throw new Error(result.why);
    expect(result.shot.pose.settings.twistLeftDeg).toBeUndefined();
    const kept = withHeld(shotOf().pose, result.shot.pose, ['spine']);
    expect(findings({ ...result.shot, pose: kept }).map((f) => f.id)).not.toContain('square-shoulders');
  });
});

it('names what moves against a change: the head that stays where it was', () => {
  const shot = shotOf();
  const result = mendOf(shot, 'square-shoulders');
  if (result.kind !== 'mended') throw new Error(result.why);
  const ids = result.changes.map((c) => (c.variable.on === 'pose' ? c.variable.id : ''));
  expect(ids).toContain('headTurnLeftDeg');
});

describe('a hand that presses the face', () => {
  const pressing = (kind: Contact['kind'], pressure: Contact['pressure'] = 'light') => {
    const shot = shotOf();
    const contact: Contact = { part: 'left:fingertips', to: 'jaw', kind, pressure };
    return { ...shot, pose: { ...shot.pose, contacts: [contact] } };
  };
  const id = 'face-pressed:left';

  it.each([
    ['rest', 'light'],
    ['lean', 'light'],
    ['touch', 'firm'],
  ] as const)(
    'that %ss, %s, is let touch lightly where it is, and nothing else changes',
    (kind, pressure) => {
      const shot = pressing(kind, pressure);
      const result = mendOf(shot, id);
      expect(result.kind).toBe('mended');
      if (result.kind !== 'mended') return;
      expect(result.changes.map((c) => c.kind)).toEqual(['handTouch']);
      expect(result.shot.pose.contacts).toEqual(pressing('touch').pose.contacts);
      expect({ ...result.shot.pose, contacts: [] }).toEqual({ ...shot.pose, contacts: [] });
    },
  );

  it('that touches lightly or stays off is none', () => {
    for (const kind of ['touch', 'hover'] as const)
      expect(findings(pressing(kind)).map((f) => f.id)).not.toContain(id);
  });
});
