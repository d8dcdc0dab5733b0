'use client';

import { MARK_RANGE, MARK_TURN_RANGE, OWN_MARK, type Mark } from '@/core/scene';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { usePoseStore } from '../poseStore';

/** So far from the set's own mark the sliders go, metres: what is further is typed on the plan of a large room. */
const NEAR_M = 3;

const ROWS = [
  ['leftM', 'to the left', { ...MARK_RANGE, min: -NEAR_M, max: NEAR_M }],
  ['aheadM', 'to the front', { ...MARK_RANGE, min: -NEAR_M, max: NEAR_M }],
  ['turnLeftDeg', 'turned left', MARK_TURN_RANGE],
] as const;

/** Where one of several stands, as numbers. */
export function MarkControls({ mark = OWN_MARK }: { mark: Mark | undefined }) {
  const { setMark, setDragging } = usePoseStore.getState();
  return ROWS.map(([name, label, { min, max, step, unit }]) => (
    <NumberSlider
      key={name}
      label={`Stands: ${label}`}
      short={label}
      value={mark[name]}
      {...{ min, max, step, unit }}
      onChange={(value) => setMark({ ...mark, [name]: value })}
      onDrag={setDragging}
    />
  ));
}
