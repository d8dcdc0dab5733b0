import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPose } from '../../../tests/support/poses';
import { STANDING_POSES } from '../library';
import {
  contactOf,
  mirrorPose,
  neutralPose,
  poseSchema,
  SETTING_IDS,
  SETTINGS,
  settingOf,
  STATIONS,
  withContact,
  withSetting,
  type ContactTarget,
  type SettingId,
} from '.';

describe('the table of settings', () => {
  it.each(SETTING_IDS)('%s: neutral and step fit the range', (id) => {
    const s = SETTINGS[id];
    expect(s.min).toBeLessThan(s.max);
    expect(s.neutral).toBeGreaterThanOrEqual(s.min);
    expect(s.neutral).toBeLessThanOrEqual(s.max);
    expect(s.step).toBeGreaterThan(0);
    expect((s.max - s.min) / s.step).toBeGreaterThan(4);
    expect(s.ends[0]).not.toBe(s.ends[1]);
  });

  it('serves every station but the gaze, which has its own form', () => {
    const served = new Set(SETTING_IDS.map((id) => SETTINGS[id].station));
    expect(STATIONS.filter((s) => !served.has(s))).toEqual(['gaze']);
  });

  it('pairs every setting with a mirror that leads back', () => {
    for (const id of SETTING_IDS) {
      const mirror = SETTINGS[SETTINGS[id].mirror as SettingId];
      expect(mirror.mirror).toBe(id);
      expect([mirror.min, mirror.max, mirror.neutral]).toEqual([
        SETTINGS[id].min,
        SETTINGS[id].max,
        SETTINGS[id].neutral,
      ]);
    }
  });

  it('has ranges that are symmetric where a mirror changes the sign', () => {
    for (const id of SETTING_IDS.filter((i) => SETTINGS[i].signed && i !== 'leftWeightShare'))
      expect(SETTINGS[id].min).toBe(-SETTINGS[id].max);
  });
});

describe('the schema', () => {
  it('takes every pose of the house and every pose within the ranges', () => {
    for (const pose of STANDING_POSES) expect(poseSchema.parse(pose)).toEqual(pose);
    fc.assert(
      fc.property(anyPose, (pose) => {
        expect(poseSchema.parse(JSON.parse(JSON.stringify(pose)))).toEqual(pose);
      }),
      { numRuns: 60, seed: 11 },
    );
  });

  it.each([
    ['a setting out of range', { settings: { chinDownDeg: 41 } }, ['settings', 'chinDownDeg']],
    ['a setting that is not a number', { settings: { chinDownDeg: NaN } }, ['settings', 'chinDownDeg']],
    ['an unknown setting', { settings: { tailUpDeg: 3 } }, ['settings']],
    ['an unknown hand', { hands: { left: 'claw', right: 'relaxed' } }, ['hands', 'left']],
    ['a gaze too far', { gaze: { kind: 'offLens', leftDeg: 41, upDeg: 0 } }, ['gaze', 'leftDeg']],
    ['a message too strong', { message: { presence: 2 } }, ['message', 'presence']],
    ['a nameless pose', { name: '' }, ['name']],
    ['an unknown field', { shoes: 'red' }, []],
  ])('refuses %s and says where', (_, change, path) => {
    const result = poseSchema.safeParse({ ...neutralPose('x'), ...change });
    expect(result.success).toBe(false);
    expect(result.error!.issues[0]!.path).toEqual(path);
  });

  it('refuses two contacts of one hand', () => {
    const one = withContact(neutralPose('x'), 'left', 'hipCrest').contacts[0]!;
    const result = poseSchema.safeParse({
      ...neutralPose('x'),
      contacts: [one, { ...one, to: 'waistFront' }],
    });
    expect(result.error?.issues[0]?.message).toContain('one contact a part');
  });
});

describe('changing a pose', () => {
  it('stores what was said and forgets what is neutral', () => {
    const bent = withSetting(neutralPose('x'), 'leftKneeBendDeg', 20);
    expect(settingOf(bent, 'leftKneeBendDeg')).toBe(20);
    expect(settingOf(bent, 'rightKneeBendDeg')).toBe(SETTINGS.rightKneeBendDeg.neutral);
    expect(withSetting(bent, 'leftKneeBendDeg', SETTINGS.leftKneeBendDeg.neutral).settings).toEqual({});
  });

  it.each([
    [160, 'leftKneeBendDeg 160 must be from 0 to 150'],
    [-1, 'leftKneeBendDeg -1 must be from 0 to 150'],
    [NaN, 'leftKneeBendDeg NaN must be from 0 to 150'],
  ])('refuses a bend of %d and leaves the pose as it was', (value, words) => {
    const pose = neutralPose('x');
    expect(() => withSetting(pose, 'leftKneeBendDeg', value)).toThrow(words);
    expect(pose).toEqual(neutralPose('x'));
  });

  it('lays a hand on a landmark, moves it and frees it', () => {
    const laid = withContact(neutralPose('x'), 'right', 'waistSide');
    expect(contactOf(laid, 'right')?.to).toBe('waistSide');
    expect(contactOf(laid, 'left')).toBeUndefined();
    const moved = withContact(laid, 'right', 'frontPocket');
    expect(moved.contacts).toHaveLength(1);
    expect(contactOf(moved, 'right')?.to).toBe('frontPocket');
    expect(withContact(moved, 'right', null)).toEqual(neutralPose('x'));
  });
});

describe('the mirror', () => {
  it('leads back when done twice', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const back = mirrorPose(mirrorPose(pose));
        expect(back.contacts).toEqual(pose.contacts);
        expect(back.hands).toEqual(pose.hands);
        expect(back.gaze).toEqual(pose.gaze);
        for (const id of SETTING_IDS) expect(settingOf(back, id)).toBeCloseTo(settingOf(pose, id), 9);
      }),
      { numRuns: 60, seed: 13 },
    );
  });

  it('exchanges left and right throughout', () => {
    const pose = withContact(
      {
        ...neutralPose('x'),
        settings: { leftKneeBendDeg: 30, leftWeightShare: 0.2, hipsTurnLeftDeg: 25, chinDownDeg: 5 },
        hands: { left: 'looseFist', right: 'edgeSoft' },
        gaze: { kind: 'offLens', leftDeg: 12, upDeg: 3 },
      },
      'left',
      'hipCrest',
    );
    const mirrored = mirrorPose(pose);
    expect(mirrored.settings).toEqual({
      rightKneeBendDeg: 30,
      leftWeightShare: 0.8,
      hipsTurnLeftDeg: -25,
      chinDownDeg: 5,
    });
    expect(mirrored.hands).toEqual({ left: 'edgeSoft', right: 'looseFist' });
    expect(mirrored.gaze).toEqual({ kind: 'offLens', leftDeg: -12, upDeg: 3 });
    expect(contactOf(mirrored, 'right')?.to).toBe('hipCrest');
    expect(contactOf(mirrored, 'left')).toBeUndefined();
  });
});

it('a hand that is laid on a face only touches it, and rests elsewhere', () => {
  const kindOn = (to: ContactTarget) => contactOf(withContact(neutralPose('x'), 'left', to), 'left')!.kind;
  for (const to of ['cheek', 'other:cheek', 'underChin', 'temple', 'lips'] as const)
    expect(kindOn(to), to).toBe('touch');
  for (const to of ['ear', 'hairSide', 'nape', 'hipCrest', 'wall', 'floor'] as const)
    expect(kindOn(to), to).toBe('rest');
});
