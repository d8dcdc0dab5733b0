import { changeCost, type Pace } from '@/core/sequence';
import type { Take } from '@/core/sitting';
import { nameIn, otherWords } from '@/take/planWords';
import { moveWords } from './moveWords';
import type { Moving } from './useMoving';

export interface ChangeLineProps {
  before: Take | undefined;
  take: Take;
  pace: Pace;
  /** How many sentences lead here, once they are found. */
  found: number | undefined;
}

/** What it costs to come here from the pose before. */
export function ChangeLine({ before, take, pace, found }: ChangeLineProps) {
  const cost = before && changeCost(before.shot, take.shot, pace, found);
  const said = found === undefined ? '' : `, ${found} ${found === 1 ? 'sentence' : 'sentences'}`;
  return (
    <p className="flex h-7 items-center gap-3 pl-12 text-xs text-secondary">
      {cost && (
        <>
          <span className="h-full w-px bg-base-300" aria-hidden />
          <strong>{Math.round(cost.totalS)} s</strong>
        </>
      )}
      <span className="quiet">{(cost ? otherWords(cost) : 'starts the run') + said}</span>
    </p>
  );
}

/** What it comes to if the pose is let go where it is held. */
export function MoveLine({ moving, takes }: { moving: Moving; takes: readonly Take[] }) {
  return (
    <p
      role="status"
      data-testid="move-cost"
      className="absolute top-0 right-2 h-7 bg-base-100 leading-7 font-bold text-secondary"
    >
      {moveWords(moving, nameIn(takes))}
    </p>
  );
}
