'use client';

import Link from 'next/link';
import { memo, useMemo } from 'react';
import { nameOfShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { changeCost, type Pace } from '@/core/sequence';
import { whoseIn, type WholeSitting } from '@/data';
import { TakeThumbnail } from '../pictures/TakeThumbnail';
import { calledOf } from './namesOf';
import { usePace } from './usePace';

interface RunCardProps {
  whole: WholeSitting;
  take: Take;
  /** The one before it in the run. */
  before: Take | undefined;
  /** Frames that were taken of it. */
  taken: number;
  href: string;
  isCurrent: boolean;
  pace: Pace;
}

/** One pose of the run, and what the change to it costs. */
const RunCard = memo(function RunCard(props: RunCardProps) {
  const { whole, take, before, taken, href, isCurrent, pace } = props;
  const whose = calledOf(whoseIn(whole, take));
  const cost = useMemo(() => before && changeCost(before.shot, take.shot, pace), [before, take, pace]);
  return (
    <li className="w-[192px] shrink-0 border-l border-base-300 first:border-l-0">
      <Link
        href={href}
        aria-current={isCurrent ? 'true' : undefined}
        className="flex h-full gap-2 border-t-3 border-transparent p-2 aria-[current=true]:border-accent aria-[current=true]:bg-base-200"
      >
        <TakeThumbnail
          whole={whole}
          take={take}
          scale={1}
          className="h-[78px] w-[52px] shrink-0"
          label={nameOfShot(take.shot)}
        />
        <span className="min-w-0 leading-tight">
          <span className="block font-bold">{nameOfShot(take.shot)}</span>
          <span className="quiet block text-xs">
            {whose && `${whose} · `}
            {take.minutes} min · {taken ? `${taken} of ` : ''}
            {take.plannedFrames} frames
          </span>
          {cost && (
            <span className="block text-xs text-secondary">about {Math.round(cost.totalS)} s to change</span>
          )}
        </span>
      </Link>
    </li>
  );
});

interface RunStripProps {
  whole: WholeSitting;
  currentId: string;
  /** Place in which a pose of the run opens. */
  path?: '/pose' | '/set';
}

/** The run along the bottom: its poses with what each change costs. */
export function RunStrip({ whole, currentId, path = '/pose' }: RunStripProps) {
  const { takes, sitting, frames } = whole;
  const { pace } = usePace();
  const minutes = takes.reduce((s, t) => s + t.minutes, 0);
  return (
    <footer className="rule-t flex h-[104px] shrink-0 items-stretch">
      <ol className="flex min-w-0 flex-1 overflow-x-auto" aria-label="Run">
        {takes.map((take, i) => (
          <RunCard
            key={take.id}
            take={take}
            before={takes[i - 1]}
            whole={whole}
            taken={frames.filter((f) => f.takeId === take.id).length}
            href={`${path}?sitting=${sitting.id}&take=${take.id}`}
            isCurrent={take.id === currentId}
            pace={pace}
          />
        ))}
      </ol>
      <p className="flex w-[150px] shrink-0 flex-col justify-center px-4 text-right">
        <span className="title text-lg leading-tight">
          {minutes} of {sitting.minutes} min
        </span>
        <span className="quiet text-xs">{takes.length} poses</span>
      </p>
    </footer>
  );
}
