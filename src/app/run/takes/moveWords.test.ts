import { expect, it } from 'vitest';
import type { RunPlan } from '@/core/sequence';
import { moveWords } from './moveWords';

const plan = (endS: number, broken: RunPlan['broken'] = []): RunPlan => ({
  steps: [],
  endS,
  valueS: 0,
  disliked: [],
  broken,
});

it('tells how much more or less time, and what is no longer kept', () => {
  const words = (from: number, to: number, broken?: RunPlan['broken']) =>
    moveWords({ now: plan(from), there: plan(to, broken) }, (id) => `pose ${id}`);
  expect(words(600, 572.4)).toBe('Here: 28 s less');
  expect(words(600, 612)).toBe('Here: 12 s more');
  expect(words(600, 600.2)).toBe('Here: as long');
  expect(words(600, 590, [{ kind: 'after', id: 'a', afterId: 'b' }])).toBe(
    'Here: 10 s less; pose a comes before pose b',
  );
});
