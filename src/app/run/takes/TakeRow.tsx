'use client';

import { useSortable } from '@dnd-kit/sortable';
import { GripVertical } from 'lucide-react';
import Link from 'next/link';
import { changeCost, type OrderWishes, type Pace } from '@/core/sequence';
import { nameOfShot, soloShot } from '@/core/shot';
import type { Take, Taken } from '@/core/sitting';
import { whoseIn, type WholeSitting } from '@/data';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { namesOf } from '@/ui/place/namesOf';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import { nameIn, otherWords } from '@/take/planWords';
import { moveWords } from './moveWords';
import { takenWords } from './takenWords';
import type { Moving } from './useMoving';
import { WishesPart, wishesWords, type WishesPartProps } from './WishesPart';

interface ChangeLineProps {
  before: Take | undefined;
  take: Take;
  pace: Pace;
  /** How many sentences lead here, once they are found. */
  found: number | undefined;
}

/** What it costs to come here from the pose before. */
function ChangeLine({ before, take, pace, found }: ChangeLineProps) {
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

interface TakeInWordsProps extends WishesPartProps {
  /** What was taken of it; undefined where there is no frame. */
  taken: Taken | undefined;
  /** Whose picture it is, where several come into question. */
  whose: string;
}

function TakeInWords({ whose, taken, ...wishes }: TakeInWordsProps) {
  const { shot, minutes, plannedFrames } = wishes.take;
  const { pose, camera } = soloShot(shot);
  const asked = wishesWords(wishes.take);
  return (
    <div className="min-w-0 flex-1">
      <h2 className="text-lg leading-tight">
        {pose.name}
        {whose && <span className="quiet text-sm font-normal"> {whose}</span>}
      </h2>
      <p className="quiet">{pose.words}</p>
      <p className="text-sm">
        level {pose.level} · {camera.focalLengthMm} mm at {camera.distanceM.toFixed(1)} m · {minutes} min ·{' '}
        {plannedFrames} frames
        {asked && <strong className="text-secondary"> · {asked}</strong>}
      </p>
      {taken && <p className="text-sm text-secondary">{takenWords(taken, minutes)}.</p>}
      <WishesPart {...wishes} />
    </div>
  );
}

/** What it comes to if the pose is let go where it is held. */
function MoveLine({ moving, takes }: { moving: Moving; takes: readonly Take[] }) {
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

interface TakeRowProps extends ChangeLineProps {
  whole: WholeSitting;
  /** What was taken of it; undefined where there is no frame. */
  taken: Taken | undefined;
  /** What the run would be if this pose were let go where it is held; null where it is not. */
  moving: Moving | null;
  onRemove(): void;
  onWish(wishes: OrderWishes): void;
}

/** One pose of the run, to be moved, opened and removed. */
export function TakeRow({ whole, taken, moving, onRemove, onWish, ...change }: TakeRowProps) {
  const { take } = change;
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: take.id,
  });
  const name = nameOfShot(take.shot);
  const moved = transform ? `translate3d(0, ${Math.round(transform.y)}px, 0)` : undefined;
  return (
    <li
      ref={setNodeRef}
      data-take={take.id}
      className={`relative bg-base-100 ${moving ? 'z-10' : ''}`}
      style={{ transform: moved, transition }}
    >
      <ChangeLine {...change} />
      {moving && <MoveLine moving={moving} takes={whole.takes} />}
      <div className="rule-t flex flex-wrap items-start gap-x-4 gap-y-1 py-2">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move ${name}`}
          className="cursor-grab touch-none p-2"
        >
          <GripVertical size={18} aria-hidden />
        </button>
        <TakeThumbnail whole={whole} take={take} scale={1} className="h-[84px] w-[56px]" label={name} />
        <TakeInWords
          take={take}
          taken={taken}
          takes={whole.takes}
          whose={namesOf(whoseIn(whole, take))}
          onWish={onWish}
        />
        <Link className="link-act px-3 py-2" href={`/pose?sitting=${whole.sitting.id}&take=${take.id}`}>
          Pose
        </Link>
        <RemoveButton label={`Remove ${name}`} onRemove={onRemove} />
      </div>
    </li>
  );
}
