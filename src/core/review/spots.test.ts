import { expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { standardOf } from '../brief';
import { seeShot } from '../picture';
import { apart } from '../units';
import { EXAMPLES } from './examples';
import { review, type Finding } from './review';
import { pointsOf } from './spots';

const standIn = standInOf('average');
const { figure } = seeShot(standIn, shotOf());

it.each([
  ['a side alone where the key names one', 'left:knee', 'knees', figure.points.knees.left],
  ['and where it names it with a word behind', 'right kneeFlexion', 'knees', figure.points.knees.right],
  ['and as the first part of a name', 'leftKnee', 'knees', figure.points.knees.left],
  ['the middle, whatever the key', 'left', 'chin', figure.points.chin],
] as const)('points at %s', (_, key, spot, at) => {
  expect(pointsOf(figure, 'hips', key, spot)).toEqual([at]);
});

it('points at both sides where the key names none, at the place of the station', () => {
  const { left, right } = figure.points.shoulders;
  expect(pointsOf(figure, 'shoulders', '')).toEqual([left, right]);
});

it('every finding of the examples is pointed at on the sitter', () => {
  for (const { faulty } of Object.values(EXAMPLES)) {
    const sight = seeShot(standIn, faulty);
    const found: Finding[] = review(sight, standardOf(faulty.pose.message));
    for (const { id, at } of found) {
      expect(at.length, id).toBeGreaterThan(0);
      for (const point of at) expect(apart(point, sight.figure.points.hips.left), id).toBeLessThan(1.3);
    }
  }
});

it('a raised elbow is pointed at where it is in the picture, not where it hangs', () => {
  const shot = shotOf({ leftArmForwardDeg: 80, leftElbowBendDeg: 20 }, { distanceM: 2, heightM: 1.2 });
  const sight = seeShot(standIn, shot);
  const elbow = review(sight, standardOf(shot.pose.message)).find((f) => f.id === 'enlarged-part:left:elbow');
  expect(elbow?.at).toEqual([sight.figure.points.elbows.left]);
});
