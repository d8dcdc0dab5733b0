import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPose } from '../../../tests/support/poses';
import { differenceOf, neutralPose, SETTINGS, STATIONS, withContact, withSetting } from '.';

const plain = neutralPose('plain');

describe('the difference of two poses', () => {
  it('is nothing between a pose and itself', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        expect(differenceOf(pose, pose)).toEqual([]);
      }),
      { numRuns: 40, seed: 17 },
    );
  });

  it('names one changed setting with both values', () => {
    expect(differenceOf(plain, withSetting(plain, 'hipsTurnLeftDeg', 30))).toEqual([
      { kind: 'setting', station: 'hips', id: 'hipsTurnLeftDeg', from: 0, to: 30 },
    ]);
  });

  it('passes over what is too small to say', () => {
    const { step } = SETTINGS.hipsTurnLeftDeg;
    expect(differenceOf(plain, withSetting(plain, 'hipsTurnLeftDeg', step * 0.49))).toEqual([]);
    expect(differenceOf(plain, withSetting(plain, 'hipsTurnLeftDeg', step * 0.5))).toHaveLength(1);
  });

  it('leaves out settings that the new contact decides, and keeps the swivel', () => {
    const free = withSetting(
      withSetting(withSetting(plain, 'leftArmOutDeg', 40), 'leftElbowBendDeg', 90),
      'leftElbowSwivelDeg',
      40,
    );
    const held = withContact(plain, 'left', 'hipCrest');
    const kinds = differenceOf(free, held).map((c) => (c.kind === 'setting' ? c.id : c.kind));
    expect(kinds).toEqual(['leftElbowSwivelDeg', 'contact']);
    // the other way round the arm is free again, and its settings have to be said
    expect(differenceOf(held, free).map((c) => (c.kind === 'setting' ? c.id : c.kind))).toEqual([
      'leftArmOutDeg',
      'leftElbowBendDeg',
      'leftElbowSwivelDeg',
      'contact',
    ]);
  });

  it('goes from the floor up', () => {
    fc.assert(
      fc.property(anyPose, anyPose, (from, to) => {
        const order = differenceOf(from, to).map((c) => STATIONS.indexOf(c.station));
        expect(order).toEqual([...order].sort((a, b) => a - b));
      }),
      { numRuns: 40, seed: 19 },
    );
  });

  it('tells hands and gaze apart', () => {
    const to = {
      ...plain,
      hands: { left: 'looseFist', right: 'relaxed' } as const,
      gaze: { kind: 'down' } as const,
    };
    expect(differenceOf(plain, to).map((c) => c.kind)).toEqual(['hand', 'gaze']);
  });
});
