'use client';

import { MARK_LEVEL_RANGE, MARK_RANGE, MARK_TURN_RANGE, OWN_MARK, usualCarry, type Mark } from '@/core/scene';
import { Choice } from '@/ui/fields/Choice';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import type { OtherNamed } from '../people/othersNamed';
import { usePoseStore } from '../poseStore';
import { CarryControls } from './CarryControls';

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

/** One way of being where one is: what it is called, and the mark that comes of it. */
interface Way {
  id: string;
  words: string;
  mark: Mark;
}

/** On the own mark, close to somebody, or carried by somebody who is not carried. */
function waysOf(mark: Mark, others: readonly OtherNamed[]): Way[] {
  const { near, carriedBy: _, ...place } = mark;
  return [
    { id: 'mark', words: 'on the mark', mark: place },
    ...others.map(({ role, name }) => ({
      id: `near ${role}`,
      words: `close to ${name}`,
      mark: { ...place, near: { role, gapM: near?.gapM ?? 0 } },
    })),
    ...others
      .filter((o) => !o.isCarried)
      .map(({ role, name }) => ({
        id: `carried ${role}`,
        words: `carried by ${name}`,
        mark: { ...place, carriedBy: usualCarry(role, 'hip') },
      })),
  ];
}

function wayOf({ near, carriedBy }: Mark): Way['id'] {
  if (carriedBy) return `carried ${carriedBy.role}`;
  return near ? `near ${near.role}` : 'mark';
}

interface MarkControlsProps {
  mark: Mark | undefined;
  /** The others, to one of whom one can stand close, or who can carry one. */
  others: readonly OtherNamed[];
}

/** Where one of several stands, as numbers, or close to somebody, or by whom one is carried. */
export function MarkControls({ mark = OWN_MARK, others }: MarkControlsProps) {
  const { setMark } = usePoseStore.getState();
  const ways = waysOf(mark, others);
  return (
    <>
      <Choice
        label="stands"
        value={wayOf(mark)}
        options={ways.map((w) => w.id)}
        words={Object.fromEntries(ways.map((w) => [w.id, w.words]))}
        onChange={(id) => setMark(ways.find((w) => w.id === id)!.mark)}
      />
      {mark.carriedBy ? (
        <CarryControls
          carry={mark.carriedBy}
          onChange={(carriedBy) => setMark({ ...mark, carriedBy })}
          onDrag={usePoseStore.getState().setDragging}
        />
      ) : (
        <PlaceControls mark={mark} />
      )}
    </>
  );
}

/** Where the mark is, and how near to somebody and how high one stands. */
function PlaceControls({ mark }: { mark: Mark }) {
  const { setMark, setDragging } = usePoseStore.getState();
  const { near } = mark;
  return (
    <>
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
