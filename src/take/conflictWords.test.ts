import { expect, it } from 'vitest';
import { conflictWords } from './conflictWords';

it.each([
  [
    ['shot', 'people', 'a', 'pose', 'settings', 'hipsTurnLeftDeg'],
    -20,
    33,
    'hips turned left: 33 ° there, -20 ° here',
  ],
  [
    ['shot', 'people', 'b', 'pose', 'settings', 'leftWeightShare'],
    0.7,
    0.5,
    'weight on the left foot: 50 % there, 70 % here',
  ],
  [['shot', 'camera', 'heightM'], 1.2, 0.98, 'lens height: 0.98 m there, 1.2 m here'],
  [['shot', 'camera', 'rollDeg'], 4, undefined, 'roll, clockwise: taken away there, 4 ° here'],
  [['shot', 'light', 'heightM'], 2, 2.4, 'key height: 2.4 m there, 2 m here'],
  [
    ['shot', 'camera', 'aim'],
    { kind: 'level' },
    { kind: 'face' },
    'the camera: otherwise there, otherwise here',
  ],
  [['shot', 'people', 'a', 'pose', 'name'], 'Tall', 'Taller', 'the pose: Taller there, Tall here'],
  [
    ['shot', 'people', 'b', 'mark'],
    { leftM: 1 },
    { leftM: 2 },
    'where somebody stands: otherwise there, otherwise here',
  ],
  [['shot', 'people', 'c'], {}, undefined, 'the people: taken away there, otherwise here'],
  [['minutes'], 5, 8, 'minutes: 8 there, 5 here'],
  [['meant', 'fist', 'reason'], 'boxer', 'shy', 'what is meant: shy there, boxer here'],
  [[], {}, {}, 'the take: otherwise there, otherwise here'],
])('%j is told with both values as they are shown', (path, mine, theirs, words) => {
  expect(conflictWords({ path, mine, theirs })).toBe(words);
});
