import { expect, it } from 'vitest';
import { takenWords } from './takenWords';

it('tells what was taken and how long it took, beside what was planned', () => {
  const at = (time: string) => new Date(`2026-12-05T${time}`).toISOString();
  const taken = { frames: 21, keepers: 1, fromAt: at('10:04:10'), untilAt: at('10:08:50') };
  expect(takenWords(taken, 4)).toBe('Taken: 21 frames, 1 keeper, 10:04 to 10:08, 5 of 4 min');
  expect(takenWords({ ...taken, frames: 1, keepers: 0, untilAt: taken.fromAt }, 4)).toBe(
    'Taken: 1 frame, 0 keepers, 10:04 to 10:04, 1 of 4 min',
  );
});
