'use client';

import { MARK_RANGE, MARK_TURN_RANGE, OWN_MARK, type Mark } from '@/core/scene';
import type { Role } from '@/core/shot';
import { Choice } from '@/ui/fields/Choice';
import { NumberSlider } from '@/ui/fields/NumberSlider';
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

interface MarkControlsProps {
  mark: Mark | undefined;
  /** The others, of whom one can stand close to the first. */
  others: readonly Role[];
}

/** Where one of several stands, as numbers, or close to somebody. */
export function MarkControls({ mark = OWN_MARK, others }: MarkControlsProps) {
  const { setMark, setDragging } = usePoseStore.getState();
  const { near, ...place } = mark;
  return (
    <>
      <Choice
        label="stands"
        value={near ? 'near' : 'placed'}
        options={['placed', 'near'] as const}
        words={{ placed: 'on the mark', near: 'close to the other' }}
        onChange={(how) =>
          setMark(how === 'near' ? { ...place, near: { role: others[0]!, gapM: 0 } } : place)
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
