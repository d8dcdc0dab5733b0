'use client';

import Link from 'next/link';
import type { WholeSitting } from '@/data';
import { dressedFor, lookOf } from '@/core/brief';
import { changeCost } from '@/core/sequence';
import { PoseThumbnail } from './PoseThumbnail';

interface RunStripProps {
  whole: WholeSitting;
  currentId: string;
  /** Place in which a pose of the run opens. */
  path?: '/pose' | '/set';
}

/** The run along the bottom: its poses with what each change costs. */
export function RunStrip({ whole, currentId, path = '/pose' }: RunStripProps) {
  const { takes, sitting, sitter, frames } = whole;
  const minutes = takes.reduce((s, t) => s + t.minutes, 0);
  return (
    <footer className="rule-t flex h-[104px] shrink-0 items-stretch">
      <ol className="flex min-w-0 flex-1 overflow-x-auto" aria-label="Run">
        {takes.map((take, i) => {
          const before = takes[i - 1];
          const cost = before && changeCost(before.shot, take.shot);
          const count = frames.filter((f) => f.takeId === take.id).length;
          return (
            <li key={take.id} className="w-[168px] shrink-0 border-l border-base-300 first:border-l-0">
              <Link
                href={`${path}?sitting=${sitting.id}&take=${take.id}`}
                aria-current={take.id === currentId ? 'true' : undefined}
                className="flex h-full gap-2 border-t-3 border-transparent p-2 aria-[current=true]:border-accent aria-[current=true]:bg-base-200"
              >
                <PoseThumbnail
                  profile={dressedFor(sitter, lookOf(sitting, take))}
                  shot={take.shot}
                  scale={1}
                  className="h-[78px] w-[52px] shrink-0"
                  label={take.shot.pose.name}
                />
                <span className="min-w-0 leading-tight">
                  <span className="block font-bold">{take.shot.pose.name}</span>
                  <span className="quiet block text-xs">
                    {take.minutes} min · {count ? `${count} of ` : ''}
                    {take.plannedFrames} frames
                  </span>
                  {cost && (
                    <span className="block text-xs text-secondary">
                      {Math.round(cost.totalS)} s to change
                    </span>
                  )}
                </span>
              </Link>
            </li>
          );
        })}
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
