'use client';

import { useMemo } from 'react';
import { changeCost, cheapestOrder, MOST_EXACT, totalCost } from '@/core/sequence';
import type { Take } from '@/core/sitting';

/** A saving below this is none, seconds. */
const LEAST_SAVING_S = 0.5;

/** The cost of the run as it stands, and of the cheapest order where the run is short enough to know it. */
function costOf(takes: readonly Take[]) {
  const matrix = takes.map((a) => takes.map((b) => (a === b ? 0 : changeCost(a.shot, b.shot).totalS)));
  const now = totalCost(
    matrix,
    takes.map((_, i) => i),
  );
  const best = takes.length > 0 && takes.length <= MOST_EXACT ? cheapestOrder(matrix) : null;
  return { now, best, saving: best ? now - best.total : 0 };
}

interface CostOfRunProps {
  takes: readonly Take[];
  onOrder(ids: string[]): void;
}

/** What the changes of the run cost, and what the cheapest order would. */
export function CostOfRun({ takes, onOrder }: CostOfRunProps) {
  const { now, best, saving } = useMemo(() => costOf(takes), [takes]);
  const isCheaper = saving > LEAST_SAVING_S;
  const words = !best
    ? `The exact order is computed for up to ${MOST_EXACT} poses.`
    : isCheaper
      ? `The cheapest order takes ${Math.round(best.total)} s, ${Math.round(saving)} s less.`
      : 'No order is cheaper, with this first pose.';
  return (
    <div className="rule-b mt-3 flex flex-wrap items-end justify-between gap-4 pb-4">
      <p>
        <span className="title block text-xl" data-testid="run-total">
          {Math.round(now)} s of changes
        </span>
        <span className="quiet">{words}</span>
      </p>
      <button
        type="button"
        className="act px-5 py-2"
        disabled={!isCheaper}
        onClick={() => best && onOrder(best.sequence.map((i) => takes[i]!.id))}
      >
        Put in the cheapest order
      </button>
    </div>
  );
}
