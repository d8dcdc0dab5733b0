import { expect, it } from 'vitest';
import { shotOf } from '../../../tests/support/people';
import { shotOfOne } from '../shot';
import { halvesOf } from './halves';
import { takeSchema, type Take } from './records';

const TAKE: Take = {
  id: 'first',
  sittingId: 'club',
  lookId: 'look',
  position: 2,
  minutes: 5,
  plannedFrames: 7,
  shot: shotOfOne('runa', shotOf()),
  meant: [],
};

it('two halves come to the whole, to half a minute and a frame, and are poses of a run', () => {
  for (const minutes of [0, 0.5, 1, 3, 5, 5.5, 8]) {
    const take = { ...TAKE, minutes };
    const [first, second] = halvesOf(take, 'second');
    expect(first.minutes + second.minutes).toBe(minutes);
    expect(first.minutes * 2).toBe(Math.round(first.minutes * 2));
    expect(first.minutes).toBeGreaterThanOrEqual(second.minutes);
    expect(first.plannedFrames + second.plannedFrames).toBe(7);
    expect(takeSchema.parse(second)).toEqual(second);
    expect(second.shot).toEqual(take.shot);
  }
});

it('the second comes after the first; what must be had, and a place that is held, stay with the first', () => {
  const orderWishes = { mustHave: true as const, staysPut: true as const, afterIds: ['earlier'], fromMin: 3 };
  const [first, second] = halvesOf({ ...TAKE, orderWishes }, 'second');
  expect(first.orderWishes).toEqual(orderWishes);
  expect(second.orderWishes).toEqual({ afterIds: ['earlier', TAKE.id], fromMin: 3 });
  expect(second.id).toBe('second');
});
