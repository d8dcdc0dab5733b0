import { expect, it } from 'vitest';
import type { Frame } from './records';
import { takenByTake } from './taken';

const frame = (takeId: string, takenAt: string, keeper = false): Frame => ({
  id: `${takeId} ${takenAt}`,
  sittingId: 's',
  takeId,
  takenAt: `2026-12-05T${takenAt}:00.000Z`,
  keeper,
});

it('counts frames and keepers of each pose, from the first to the last, in whatever order they come', () => {
  const taken = takenByTake([
    frame('a', '10:06'),
    frame('b', '10:20', true),
    frame('a', '10:02', true),
    frame('a', '10:04'),
  ]);
  expect(taken.get('a')).toEqual({
    frames: 3,
    keepers: 1,
    fromAt: '2026-12-05T10:02:00.000Z',
    untilAt: '2026-12-05T10:06:00.000Z',
  });
  expect(taken.get('b')).toMatchObject({ frames: 1, keepers: 1, fromAt: taken.get('b')!.untilAt });
  expect(taken.has('c')).toBe(false);
  expect(takenByTake([]).size).toBe(0);
});
