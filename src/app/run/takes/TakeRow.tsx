'use client';

import { useSortable } from '@dnd-kit/sortable';
import { GripVertical } from 'lucide-react';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Pose } from '@/core/pose';
import type { OrderWishes, SunWindow } from '@/core/sequence';
import { nameOfShot, soloShot } from '@/core/shot';
import type { Taken } from '@/core/sitting';
import { whoseIn, type WholeSitting } from '@/data';
import { sunWindowOf } from '@/take/runSource';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { namesOf } from '@/ui/place/namesOf';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import { ChangeLine, MoveLine, type ChangeLineProps } from './ChangeLine';
import { OthersPart } from './OthersPart';
import { takenWords } from './takenWords';
import type { Moving } from './useMoving';
import { WishesPart, wishesWords, type WishesPartProps } from './WishesPart';

interface TakeInWordsProps extends WishesPartProps {
  /** What was taken of it; undefined where there is no frame. */
  taken: Taken | undefined;
  /** When the sun stands as planned, where it lights the picture. */
  sun: SunWindow | undefined;
  /** Whose picture it is, where several come into question. */
  whose: string;
  children: ReactNode;
}

/** When the sun stands as planned. */
function sunWords(sun: SunWindow | undefined): string {
  if (sun === undefined) return '';
  return sun ? `sun from minute ${sun.fromMin} until ${sun.untilMin}` : 'the sun does not stand so that day';
}

function TakeInWords({ whose, taken, sun, children, ...wishes }: TakeInWordsProps) {
  const { shot, minutes, plannedFrames } = wishes.take;
  const { pose, camera } = soloShot(shot);
  const asked = wishesWords(wishes.take);
  return (
    <div className="min-w-0 flex-1 basis-56">
      <h2 className="text-lg leading-tight">
        {pose.name}
        {whose && <span className="quiet text-sm font-normal"> {whose}</span>}
      </h2>
      <p className="quiet">{pose.words}</p>
      <p className="text-sm">
        level {pose.level} · {camera.focalLengthMm} mm at {camera.distanceM.toFixed(1)} m · {minutes} min ·{' '}
        {plannedFrames} frames
        {[asked, sunWords(sun)].filter(Boolean).map((words) => (
          <strong key={words} className="text-secondary">
            {' '}
            · {words}
          </strong>
        ))}
      </p>
      {taken && <p className="text-sm text-secondary">{takenWords(taken, minutes)}.</p>}
      <div className="flex flex-wrap items-start gap-x-5 gap-y-1">
        <WishesPart {...wishes} />
        {children}
      </div>
    </div>
  );
}

interface TakeRowProps extends ChangeLineProps {
  whole: WholeSitting;
  /** What was taken of it; undefined where there is no frame. */
  taken: Taken | undefined;
  /** What the run would be if this pose were let go where it is held; null where it is not. */
  moving: Moving | null;
  onRemove(): void;
  onSplit(): void;
  onReplace(pose: Pose): void;
  onWish(wishes: OrderWishes): void;
}

/** One pose of the run, to be moved, opened and removed. */
export function TakeRow(props: TakeRowProps) {
  const { whole, taken, moving, onRemove, onSplit, onReplace, onWish, ...change } = props;
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
          sun={sunWindowOf(whole.sitting, take)}
          takes={whole.takes}
          whose={namesOf(whoseIn(whole, take))}
          onWish={onWish}
        >
          <OthersPart whole={whole} take={take} onReplace={onReplace} />
        </TakeInWords>
        <div className="ml-auto flex items-center">
          <Link className="link-act px-3 py-2" href={`/pose?sitting=${whole.sitting.id}&take=${take.id}`}>
            Pose
          </Link>
          <button
            type="button"
            className="link-act px-3 py-2"
            aria-label={`Take ${name} in two`}
            disabled={take.minutes < 1}
            onClick={onSplit}
          >
            In two
          </button>
          <RemoveButton label={`Remove ${name}`} onRemove={onRemove} />
        </div>
      </div>
    </li>
  );
}
