'use client';

import { useEffect, useState, type ReactNode } from 'react';
import { lookOf } from '@/core/brief';
import type { Sitter } from '@/core/people';
import type { Take } from '@/core/sitting';
import { sitterIn, type WholeSitting } from '@/data';
import { Header } from '@/ui/place/Header';
import { namesOf } from '@/ui/place/namesOf';
import { RunStrip } from '@/ui/place/RunStrip';
import { SittingMissing } from '@/ui/place/SittingMissing';
import { useSitting } from '@/ui/place/useSitting';
import { studio } from '@/workers/studioClient';
import { PersonMissing } from './PersonMissing';
import { usePoseStore } from './poseStore';
import { useOpenTake } from './useOpenTake';

/** What a place works on: a take of a sitting, and whoever is in the hand. */
export interface TakeAtWork {
  whole: WholeSitting;
  take: Take;
  sitter: Sitter;
}

interface TakePlaceProps {
  path: '/pose' | '/set';
  className: string;
  /** What the place shows of the open take, and of whoever is in the hand. */
  children(atWork: TakeAtWork): ReactNode;
}

type OpenTakeProps = Pick<TakePlaceProps, 'children'> & { whole: WholeSitting; take: Take };

/** The open take, as long as the record of its person is here. */
function OpenTake({ whole, take, children }: OpenTakeProps) {
  const role = usePoseStore((s) => s.role);
  const sitter = sitterIn(whole, take, role);
  return sitter ? children({ whole, take, sitter }) : <PersonMissing whole={whole} take={take} />;
}

/** A place that works on one take: where one is above, the run below. */
export function TakePlace({ path, className, children }: TakePlaceProps) {
  const whole = useSitting();
  const take = useOpenTake(whole, path);
  const dragging = usePoseStore((s) => s.dragging);
  // it is there by the time that the sitting is read
  useEffect(() => void studio('live').wake(), []);
  // the run below is brought up to date when the hand rests
  const [rested, setRested] = useState(whole);
  if (!dragging && rested !== whole) setRested(whole);
  if (whole === null)
    return (
      <p className="p-6" role="status">
        Opening the sitting
      </p>
    );
  if (whole === undefined) return <SittingMissing />;
  const { sitting, people } = whole;
  return (
    <div className={className}>
      <Header
        about={`${sitting.title} · ${namesOf(people)} · ${lookOf(sitting, take ?? undefined)?.name ?? ''}`}
        sittingId={sitting.id}
        takeId={take?.id}
      />
      {take ? (
        <OpenTake whole={whole} take={take}>
          {children}
        </OpenTake>
      ) : (
        <main className="flex-1" />
      )}
      <RunStrip whole={rested ?? whole} currentId={take?.id ?? ''} path={path} />
    </div>
  );
}
