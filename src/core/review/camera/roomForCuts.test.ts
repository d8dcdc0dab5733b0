import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../../tests/support/people';
import { CROPS, EMPTY_LOOK, standardIn, standardOf, type Cut } from '../../brief';
import { seeShot } from '../../picture';
import { review } from '../review';
import { roomForCuts } from './roomForCuts';

const needed = (cuts: readonly Cut[], distanceM = 6.5, who: 'slight' | 'average' | 'heavy' = 'average') => {
  const shot = shotOf({}, { distanceM });
  const { ranges } = standardOf(shot.pose.message);
  return roomForCuts
    .measure(seeShot(standInOf(who), shot), ranges, cuts)
    .map(({ key, value }) => [key, Math.round(value)] as const);
};

describe('the frame that a cut needs', () => {
  it('is told of each format once, and only of cuts that show as much as the picture does', () => {
    const all = CROPS.map((crop): Cut => ({ format: 'square', crop }));
    expect(needed(all).map(([key]) => key)).toEqual(['square']);
    const twice: Cut[] = [all[0]!, all[0]!, { format: 'upright', crop: 'full' }];
    expect(needed(twice).map(([key]) => key)).toEqual(['square', 'upright']);
    expect(needed([])).toEqual([]);
  });

  it('grows with the breadth of the format: a square of the height, a banner three times that', () => {
    const of = (format: Cut['format']) => needed([{ format, crop: 'full' }])[0]![1];
    expect(of('upright')).toBeLessThan(of('fourFive'));
    expect(of('fourFive')).toBeLessThan(of('square'));
    // an upright frame is two thirds as broad as high: the figure's height against that, by the aspect
    expect(of('banner') / of('square')).toBeCloseTo(3, 1);
    expect(of('square')).toBeLessThan(100);
    expect(of('banner')).toBeGreaterThan(100);
  });

  it('shrinks from further off, on any body', () => {
    const square: Cut[] = [{ format: 'square', crop: 'full' }];
    for (const who of ['slight', 'average', 'heavy'] as const)
      expect(needed(square, 8, who)[0]![1]).toBeLessThan(needed(square, 5, who)[0]![1]);
  });
});

describe('the brief', () => {
  it('asks for room by what its pictures are used for', () => {
    const shot = shotOf({}, { distanceM: 5 });
    const uses = [{ id: 'u', words: 'the club’s wall', format: 'banner' as const, crop: 'full' as const }];
    const found = (look: Parameters<typeof standardIn>[0]) =>
      review(seeShot(standInOf('average'), shot), standardIn(look, shot.pose.message)).map((f) => f.id);
    expect(found({ ...EMPTY_LOOK, uses })).toContain('room-for-cuts:banner');
    expect(found(EMPTY_LOOK)).not.toContain('room-for-cuts:banner');
    expect(found(undefined)).not.toContain('room-for-cuts:banner');
  });
});
