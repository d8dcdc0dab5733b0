import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../tests/support/people';
import { figureOf, staysShort } from '../figure';
import { HOUSE_POSES } from '../library';
import { neutralPose, withContact, withSetting, type Pose } from '../pose';
import { supportAt } from '../scene';
import { whatReaches } from './reaching';

const LENS = { lens: [0, 1.2, 4] as [number, number, number] };
const figureOn = (name: 'slight' | 'average') => (pose: Pose) => figureOf(bodyOf(name), pose, LENS);
const missing = (pose: Pose, name: 'slight' | 'average' = 'average') =>
  figureOn(name)(pose)
    .unreached.filter(staysShort)
    .reduce((s, u) => s + u.amount, 0);

describe('what would reach', () => {
  it('is nothing where all is reached', () => {
    expect(whatReaches(neutralPose('x'), figureOn('average'))).toBeUndefined();
  });

  it('names one change that does bring the chin to the fist, or nearer', () => {
    const pose = HOUSE_POSES['table or step']!.find((p) => p.name === 'Thinking it over')!;
    const before = missing(pose);
    expect(before).toBeGreaterThan(0.01);
    const change = whatReaches(pose, figureOn('average'))!;
    const after = missing(withSetting(pose, change.id, change.to));
    expect(after).toBeLessThan(before * 0.8);
    expect(after).toBeCloseTo(change.leftM, 9);
  });

  it('of what no single change reaches names the one that comes nearest, and how much is left', () => {
    const pose: Pose = withContact(
      { ...neutralPose('x'), objects: [supportAt('table', { aheadM: 1.3 })] },
      'left',
      'tableTop',
    );
    const change = whatReaches(pose, figureOn('slight'))!;
    expect(change.leftM).toBeGreaterThan(0.01);
    expect(change.leftM).toBeLessThan(missing(pose, 'slight'));
  });
});
