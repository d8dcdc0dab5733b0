import { describe, expect, it } from 'vitest';
import { settingApplies } from './applies';
import { CARRIED_NAMES, type Carried } from './carried';
import { neutralPose, withContact, withTouch, type Pose } from './pose';
import type { SettingId } from './settings';

const carried = (support: Carried): Pose => ({ ...neutralPose('x'), support });

describe('a setting applies', () => {
  it.each<[SettingId, readonly Carried[]]>([
    ['leftWeightShare', ['stand', 'lean']],
    ['hipsShiftLeftShare', ['stand', 'lean']],
    ['seatDepthShare', ['perch', 'sit', 'astride']],
    ['seatLeftShare', ['perch', 'sit', 'astride']],
    ['heelSpacingShoulders', ['stand', 'lean', 'perch', 'sit', 'astride']],
    ['leftLegForwardDeg', ['reclineLeft', 'reclineRight']],
    ['leftFootPointedDeg', CARRIED_NAMES.filter((c) => /kneel|recline|allFours/.test(c))],
    ['hingeDeg', CARRIED_NAMES],
    ['twistLeftDeg', CARRIED_NAMES],
  ])('%s only where it moves something', (id, where) => {
    expect(CARRIED_NAMES.filter((c) => settingApplies(carried(c), id))).toEqual(where);
  });

  it('to a free arm, not to one that a hand’s contact decides', () => {
    const laid = withContact(neutralPose('x'), 'left', 'waistSide');
    for (const id of ['leftArmForwardDeg', 'leftElbowBendDeg', 'leftWristBendDeg'] as const) {
      expect(settingApplies(neutralPose('x'), id)).toBe(true);
      expect(settingApplies(laid, id)).toBe(false);
    }
    expect(settingApplies(laid, 'rightArmForwardDeg')).toBe(true);
    expect(settingApplies(laid, 'leftElbowSwivelDeg')).toBe(true);
    expect(settingApplies(laid, 'leftFingerCurlShare')).toBe(true);
  });

  it('to the bend of an elbow that lies on something, but not of a forearm that does', () => {
    const on = (part: 'left:elbow' | 'left:forearm') =>
      withTouch(neutralPose('x'), { part, to: 'kneeTop', kind: 'lean', pressure: 'light' });
    expect(settingApplies(on('left:elbow'), 'leftElbowBendDeg')).toBe(true);
    expect(settingApplies(on('left:elbow'), 'leftArmForwardDeg')).toBe(false);
    expect(settingApplies(on('left:forearm'), 'leftElbowBendDeg')).toBe(false);
  });

  it('to the knee of a crossed leg only where the crossing leaves it free', () => {
    const crossed = (how: 'knees' | 'ankleOnKnee'): Pose => ({
      ...carried('sit'),
      crossed: { how, over: 'left' },
    });
    expect(settingApplies(crossed('knees'), 'leftKneeBendDeg')).toBe(true);
    expect(settingApplies(crossed('ankleOnKnee'), 'leftKneeBendDeg')).toBe(false);
    expect(settingApplies(crossed('knees'), 'leftFootOutDeg')).toBe(false);
    expect(settingApplies(crossed('knees'), 'rightFootOutDeg')).toBe(true);
  });
});
