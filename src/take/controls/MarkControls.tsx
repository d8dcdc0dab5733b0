'use client';

import { MARK_LEVEL_RANGE, MARK_RANGE, MARK_TURN_RANGE, OWN_MARK, type Mark } from '@/core/scene';
import { Choice } from '@/ui/fields/Choice';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import type { OtherNamed } from '../people/othersNamed';
import { usePoseStore } from '../poseStore';

/** So far from the set's own mark the sliders go, metres. */
const NEAR_M = 3;
/** Most room that is left on purpose between two who stand close, metres. */
const MOST_GAP_M = 1;

const ROWS = [
  ['leftM', 'to the left', { ...MARK_RANGE, min: -NEAR_M, max: NEAR_M }],
  ['aheadM', 'to the front', { ...MARK_RANGE, min: -NEAR_M, max: NEAR_M }],
  ['turnLeftDeg', 'turned left', MARK_TURN_RANGE],
] as const;

/** A mark at a height; on the floor it has none. */
function lifted({ levelM: _, ...mark }: Mark, levelM: number): Mark {
  return levelM > 0 ? { ...mark, levelM } : mark;
}

/** Standing on the mark, and not close to somebody. */
const PLACED = 'on the mark';

interface MarkControlsProps {
  mark: Mark | undefined;
  /** The others, to one of whom one can stand close. */
  others: readonly OtherNamed[];
}

/** Where one of several stands, as numbers, or close to somebody. */
export function MarkControls({ mark = OWN_MARK, others }: MarkControlsProps) {
  const { setMark, setDragging } = usePoseStore.getState();
  const { near, ...place } = mark;
  return (
    <>
      <Choice
        label="stands"
        value={near?.role ?? PLACED}
        options={[PLACED, ...others.map((o) => o.role)]}
        words={{
          [PLACED]: PLACED,
          ...Object.fromEntries(others.map(({ role, name }) => [role, `close to ${name}`])),
        }}
        onChange={(to) =>
          setMark(to === PLACED ? place : { ...place, near: { role: to, gapM: near?.gapM ?? 0 } })
        }
      />
      {near && (
        <NumberSlider
          label="room between"
          value={near.gapM}
          min={0}
          max={MOST_GAP_M}
          step={0.01}
          unit="m"
          onChange={(gapM) => setMark({ ...mark, near: { ...near, gapM } })}
          onDrag={setDragging}
        />
      )}
      <NumberSlider
        label="Stands: on a box"
        short="on a box"
        value={mark.levelM ?? 0}
        {...MARK_LEVEL_RANGE}
        onChange={(levelM) => setMark(lifted(mark, levelM))}
        onDrag={setDragging}
      />
      {ROWS.map(([name, label, { min, max, step, unit }]) => (
        <NumberSlider
          key={name}
          label={`Stands: ${label}`}
          short={label}
          value={mark[name]}
          {...{ min, max, step, unit }}
          onChange={(value) => setMark({ ...mark, [name]: value })}
          onDrag={setDragging}
        />
      ))}
    </>
  );
}
