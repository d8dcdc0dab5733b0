import { expect, it } from 'vitest';
import { finished } from '../../../tests/support/finished';
import { seededRun } from '../../../tests/support/orderProblems';
import { behindS, remainingRun } from './onSet';
import { USUAL_PACE } from './pace';
import { planAsItStands } from './plan';
import { shorterPlan } from './shorter';

const source = seededRun(6, 3);
const plan = planAsItStands(source, USUAL_PACE);
const third = plan.steps[2]!;

it('is behind once a picture’s time is over, ahead before its change is due, and in time between', () => {
  expect(behindS(plan, third.id, third.endS + 90)).toBeCloseTo(90, 6);
  expect(behindS(plan, third.id, third.beginS)).toBe(0);
  expect(behindS(plan, third.id, third.endS)).toBe(0);
  const dueS = third.beginS - third.changeS - third.restS - third.waitS;
  expect(behindS(plan, third.id, dueS)).toBe(0);
  expect(behindS(plan, third.id, dueS - 60)).toBeCloseTo(-60, 6);
  expect(behindS(plan, 'gone', 60)).toBe(0);
});

it('what is left begins with the picture that is taken, with the time that is gone taken off every window', () => {
  const [first, ...rest] = source.stops;
  const asked = {
    ...source,
    stops: [first!, ...rest.map((s) => ({ ...s, wishes: { fromMin: 5, untilMin: 20 } }))],
  };
  const left = remainingRun(asked, third.id, 12 * 60);
  expect(left.stops.map((s) => s.id)).toEqual(source.stops.slice(2).map((s) => s.id));
  expect(left.stops[1]!.wishes).toEqual({ fromMin: 0, untilMin: 8 });
  expect(left.stops[0]!.wishes).toMatchObject({ staysPut: true, mustHave: true });
  const { plan: shorter, leftOutIds } = finished(
    shorterPlan(remainingRun(source, third.id, 0), USUAL_PACE, 6),
  );
  expect(shorter.steps[0]!.id).toBe(third.id);
  expect(leftOutIds.length).toBeGreaterThan(0);
});
