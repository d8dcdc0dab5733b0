import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../tests/support/people';
import { figureOf } from '../figure';
import { HOUSE_POSES } from '../library';
import { neutralPose, withSetting, type Pose } from '../pose';
import { supportAt } from '../scene';
import { whatReaches } from './reaching';

const LENS = { lens: [0, 1.2, 4] as [number, number, number] };
const missing = (pose: Pose, name: 'slight' | 'average' = 'average') =>
  figureOf(bodyOf(name), pose, LENS).unreached.reduce((s, u) => s + (u.unit === 'm' ? u.amount : 0), 0);

describe('what would reach', () => {
  it('is nothing where all is reached', () => {
    expect(whatReaches(bodyOf('average'), neutralPose('x'), LENS)).toBeUndefined();
  });

  it('names one change that does bring the chin to the fist, or nearer', () => {
    const pose = HOUSE_POSES['table or step']!.find((p) => p.name === 'Thinking it over')!;
    const before = missing(pose);
    expect(before).toBeGreaterThan(0.01);
    const change = whatReaches(bodyOf('average'), pose, LENS)!;
    const after = missing(withSetting(pose, change.id, change.to));
    expect(after).toBeLessThan(before * 0.8);
    expect(after).toBeCloseTo(change.leftM, 9);
  });

  it('lets a foot that hangs from a high seat be reached where a change can, and says what is left where none does', () => {
    const pose: Pose = {
      ...neutralPose('x'),
      support: 'sit',
      objects: [supportAt('stool', { sizesM: { seatHeightM: 0.85 } })],
    };
    const change = whatReaches(bodyOf('slight'), pose, LENS);
    if (change) expect(change.leftM).toBeLessThan(missing(pose, 'slight'));
    else expect(missing(pose, 'slight')).toBeGreaterThan(0.05);
  });
});
