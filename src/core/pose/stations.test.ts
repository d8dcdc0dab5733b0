import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPose } from '../../../tests/support/poses';
import { neutralPose, poseSchema, withContact, withSetting } from './pose';
import { STATIONS } from './settings';
import { withHeld, withSideMirrored, withStation } from './stations';

describe('a station of another pose', () => {
  it('all nine together make the other pose', () => {
    fc.assert(
      fc.property(anyPose, anyPose, (pose, from) => {
        const whole = STATIONS.reduce((p, station) => withStation(p, station, from), pose);
        expect(whole).toEqual({ ...from, name: pose.name, words: pose.words });
        expect(poseSchema.safeParse(whole).success).toBe(poseSchema.safeParse(from).success);
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });

  it('changes nothing of the others', () => {
    const from = withSetting(withSetting(neutralPose('x'), 'hingeDeg', 20), 'chinDownDeg', 8);
    expect(withStation(neutralPose('y'), 'head', from).settings).toEqual({ chinDownDeg: 8 });
  });
});

describe('one side mirrored to the other', () => {
  it('is the same again when it is done twice, and keeps the side it came from', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const once = withSideMirrored(pose, 'left');
        expect(withSideMirrored(once, 'left')).toEqual(once);
        expect(once.settings.leftArmOutDeg).toBe(pose.settings.leftArmOutDeg);
        expect(once.settings.rightArmOutDeg).toBe(pose.settings.leftArmOutDeg);
        expect(once.settings.hingeDeg).toBe(pose.settings.hingeDeg);
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });

  it('takes the hand’s contact along', () => {
    const pose = withContact(neutralPose('x'), 'left', 'waistSide');
    expect(withSideMirrored(pose, 'left').contacts.map((c) => `${c.part} ${c.to}`)).toEqual([
      'left:palm waistSide',
      'right:palm waistSide',
    ]);
  });
});

describe('held stations', () => {
  it('stay as they were whatever else changes', () => {
    const before = withSetting(neutralPose('x'), 'hingeDeg', 12);
    const after = withSetting(withSetting(before, 'hingeDeg', 30), 'chinDownDeg', 8);
    expect(withHeld(before, after, ['hips']).settings).toEqual({ hingeDeg: 12, chinDownDeg: 8 });
  });

  it('a held head keeps looking where it looked while the body turns, as far as the neck goes', () => {
    const before = withSetting(neutralPose('x'), 'headTurnLeftDeg', -10);
    const turned = withHeld(before, withSetting(before, 'hipsTurnLeftDeg', 30), ['head']);
    expect(turned.settings.headTurnLeftDeg).toBe(-40);
    const far = withHeld(before, withSetting(before, 'hipsTurnLeftDeg', 120), ['head']);
    expect(far.settings.headTurnLeftDeg).toBe(-75);
  });
});
