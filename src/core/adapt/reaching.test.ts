import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../tests/support/people';
import { figureOf, lookingFrom, posedTogether, staysShort } from '../figure';
import { HOUSE_POSES } from '../library';
import { neutralPose, on, withContact, withSetting, withTouch, type Contact, type Pose } from '../pose';
import { supportAt } from '../scene';
import type { Side } from '../units';
import { nearerContacts } from './nearerPlaces';
import { whatReaches, type ReachingChange } from './reaching';

const LENS = { lens: [0, 1.2, 4] as [number, number, number] };
const figureOn = (name: 'slight' | 'average') => (pose: Pose) => figureOf(bodyOf(name), pose, LENS);
const missing = (pose: Pose, name: 'slight' | 'average' = 'average') =>
  figureOn(name)(pose)
    .unreached.filter(staysShort)
    .reduce((s, u) => s + u.amount, 0);

const withChange = (pose: Pose, change: ReachingChange) =>
  change.kind === 'setting' ? withSetting(pose, change.id, change.to) : withTouch(pose, change.to);

describe('what would reach', () => {
  it('is nothing where all is reached', () => {
    expect(whatReaches(neutralPose('x'), figureOn('average'))).toBeUndefined();
  });

  it('names one change that does bring the chin to the fist, or nearer', () => {
    const pose = HOUSE_POSES['table or step']!.find((p) => p.name === 'Thinking it over')!;
    const before = missing(pose);
    expect(before).toBeGreaterThan(0.01);
    const change = whatReaches(pose, figureOn('average'))!;
    const after = missing(withChange(pose, change));
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

describe('a hand that does not reach the other’s far side', () => {
  /** The slight one beside the heavy one, an arm’s length apart. */
  const among = (pose: Pose) => {
    const posed = posedTogether([
      { role: 'a', body: bodyOf('slight'), pose },
      {
        role: 'b',
        body: bodyOf('heavy'),
        pose: neutralPose('b'),
        mark: { leftM: -0.8, aheadM: 0, turnLeftDeg: 0 },
      },
    ]);
    return lookingFrom(posed.get('a')!, LENS);
  };
  const round = (side: Side): Pose =>
    withTouch(neutralPose('a'), { ...on('right:palm', 'waistSide'), of: { role: 'b', side } });
  const short = (pose: Pose) => among(pose).unreached.filter((u) => u.id === 'hand' && u.side === 'right');

  it('is laid on the next nearest place that it does reach, which is told', () => {
    const pose = round('right');
    expect(short(pose)).toHaveLength(1);
    const change = whatReaches(pose, among);
    expect(change).toMatchObject({
      kind: 'place',
      from: { to: 'waistSide', of: { role: 'b', side: 'right' } },
      to: { part: 'right:palm', to: 'waistBack', of: { role: 'b', side: 'left' } },
    });
    expect(change!.leftM).toBeLessThanOrEqual(0.01);
    expect(short(withChange(pose, change!))).toEqual([]);
  });

  it('stays where it is on the near side, which it does reach', () => {
    expect(whatReaches(round('left'), among)).toBeUndefined();
  });
});

describe('places that are nearer', () => {
  it('are on the same half first, then on the other; of the own body on the same half alone', () => {
    const round: Contact = { ...on('left:palm', 'waistSide'), of: { role: 'b', side: 'right' } };
    const nearer = nearerContacts(round);
    expect(nearer.map(({ to, of }) => `${to} ${of!.side ?? ''}`)).toEqual([
      'waistBack right',
      'waistBack left',
      'smallOfBack ',
      'shoulderBack right',
      'shoulderBack left',
      'upperArmBack right',
      'upperArmBack left',
    ]);
    expect(nearerContacts(on('left:palm', 'other:shin')).map((c) => c.to)).toEqual([
      'other:kneeFront',
      'other:kneeTop',
      'other:thighTop',
    ]);
    expect(nearerContacts(on('left:palm', 'frontPocket'))).toEqual([]);
  });
});
