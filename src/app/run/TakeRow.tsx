'use client';

import { useSortable } from '@dnd-kit/sortable';
import { GripVertical } from 'lucide-react';
import Link from 'next/link';
import { changeCost, type ChangeCost } from '@/core/sequence';
import { nameOfShot, soloShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { whoseIn, type WholeSitting } from '@/data';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { namesOf } from '@/ui/place/namesOf';
import { RemoveButton } from '@/ui/fields/RemoveButton';
import { useWords } from '@/take/useWords';

/** Nothing was told that did not come by itself: it is a plan. */
const NONE: readonly number[] = [];

/** How many sentences lead here, once they are found; they are kept, so that on set they are there at once. */
function SentencesLine({ whole, index }: { whole: WholeSitting; index: number }) {
  const { words } = useWords(whole, index, NONE);
  if (!words) return null;
  const count = [...words.values()].reduce((sum, { sentences }) => sum + sentences.length, 0);
  return `, ${count} ${count === 1 ? 'sentence' : 'sentences'}`;
}

/** What is other than before but for the pose. */
function otherWords({ arrivals, gear }: ChangeCost): string {
  const gearWords = gear.length > 0 ? gear.join(', ') : 'same lens and light';
  return arrivals > 0 ? `somebody else comes, ${gearWords}` : gearWords;
}

interface ChangeLineProps {
  whole: WholeSitting;
  before: Take | undefined;
  take: Take;
}

/** What it costs to come here from the pose before. */
function ChangeLine({ whole, before, take }: ChangeLineProps) {
  const cost = before && changeCost(before.shot, take.shot);
  return (
    <p className="flex h-7 items-center gap-3 pl-12 text-xs text-secondary">
      {cost && (
        <>
          <span className="h-full w-px bg-base-300" aria-hidden />
          <strong>{Math.round(cost.totalS)} s</strong>
        </>
      )}
      <span className="quiet">
        {cost ? otherWords(cost) : 'starts the run'}
        <SentencesLine whole={whole} index={whole.takes.indexOf(take)} />
      </span>
    </p>
  );
}

interface TakeInWordsProps {
  take: Take;
  /** Whose picture it is, where several come into question. */
  whose: string;
}

function TakeInWords({ take: { shot, minutes, plannedFrames }, whose }: TakeInWordsProps) {
  const { pose, camera } = soloShot(shot);
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
      </p>
    </div>
  );
}

interface TakeRowProps {
  take: Take;
  before: Take | undefined;
  whole: WholeSitting;
  onRemove(): void;
}

/** One pose of the run, to be moved, opened and removed. */
export function TakeRow({ take, before, whole, onRemove }: TakeRowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: take.id,
  });
  const name = nameOfShot(take.shot);
  const moved = transform ? `translate3d(0, ${Math.round(transform.y)}px, 0)` : undefined;
  return (
    <li ref={setNodeRef} data-take={take.id} className="bg-base-100" style={{ transform: moved, transition }}>
      <ChangeLine whole={whole} before={before} take={take} />
      <div className="rule-t flex items-center gap-4 py-2">
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
        <TakeInWords take={take} whose={namesOf(whoseIn(whole, take))} />
        <Link className="link-act px-3 py-2" href={`/pose?sitting=${whole.sitting.id}&take=${take.id}`}>
          Pose
        </Link>
        <RemoveButton label={`Remove ${name}`} onRemove={onRemove} />
      </div>
    </li>
  );
}
