'use client';

import { format } from 'date-fns';
import { Download } from 'lucide-react';
import Link from 'next/link';
import { Fragment, useState } from 'react';
import { changeCost } from '@/core/sequence';
import { nameOfShot } from '@/core/shot';
import type { Sitting, Take } from '@/core/sitting';
import { database, exportSitting, type WholeSitting } from '@/data';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { download } from '@/ui/place/download';
import { namesOf } from '@/ui/place/namesOf';
import { usePace } from '@/ui/place/usePace';
import { useWarmStudio } from './useWarmStudio';

/** Saves a sitting to a file. */
async function saveFile({ id, title }: Sitting): Promise<void> {
  const name = title.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  download(`${name}.gilvo.json`, await exportSitting(database, id, new Date()), 'application/json');
}

/** Figures of a sitting: what is planned, and what was taken. */
function Figures({ whole: { sitting, takes, frames } }: { whole: WholeSitting }) {
  const { pace } = usePace();
  const changes = takes.slice(1).reduce((s, t, i) => s + changeCost(takes[i]!.shot, t.shot, pace).totalS, 0);
  const keepers = frames.filter((f) => f.keeper).length;
  const figures = [
    ['poses', String(takes.length)],
    ['planned', `${takes.reduce((s, t) => s + t.minutes, 0)} of ${sitting.minutes} min`],
    ['changes', `about ${Math.round(changes / 60)} min`],
    ['frames', String(frames.length)],
    ['keepers', String(keepers)],
  ] as const;
  return (
    <dl className="mt-4 flex flex-wrap gap-x-8 gap-y-2">
      {figures.map(([name, value]) => (
        <div key={name}>
          <dt className="quiet text-xs">{name}</dt>
          <dd className="title text-xl">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Ways into a sitting, the most likely first. */
function WaysIn({ sitting, last }: { sitting: Sitting; last: Take | undefined }) {
  const [failed, setFailed] = useState<string | null>(null);
  const save = () =>
    saveFile(sitting).then(
      () => setFailed(null),
      (why: Error) => setFailed(`It was not saved: ${why.message}.`),
    );
  const query = `?sitting=${sitting.id}${last ? `&take=${last.id}` : ''}`;
  return (
    <div className="mt-5 flex flex-wrap items-center gap-2">
      <Link href={`/pose${query}`} className="act px-5 py-2 text-base">
        {last ? `Continue with ${nameOfShot(last.shot)}` : 'Pose'}
      </Link>
      <Link href={`/brief${query}`} className="link-act px-3 py-2">
        Brief
      </Link>
      <Link href={`/run${query}`} className="link-act px-3 py-2">
        Order the run
      </Link>
      <Link href={`/direct${query}`} className="link-act px-3 py-2">
        Direct
      </Link>
      <button
        type="button"
        className="link-act flex items-center gap-1.5 px-3 py-2"
        onClick={() => void save()}
      >
        <Download size={15} aria-hidden /> Save to a file
      </button>
      {failed && (
        <p role="alert" className="w-full text-error">
          {failed}
        </p>
      )}
    </div>
  );
}

interface SittingCardProps {
  whole: WholeSitting;
  lastTakeId: string | undefined;
  /** Whether it is the one that is likely to be gone on with. */
  isNext: boolean;
}

/** A sitting as it lies on the desk, to go on with. */
export function SittingCard({ whole, lastTakeId, isNext }: SittingCardProps) {
  const { sitting, people, takes } = whole;
  const last = takes.find((t) => t.id === lastTakeId) ?? takes[0];
  useWarmStudio(whole, isNext ? last : undefined);
  return (
    <article
      className="grid grid-cols-1 gap-x-10 gap-y-6 md:grid-cols-[240px_1fr]"
      aria-label={sitting.title}
    >
      {last && (
        <TakeThumbnail
          whole={whole}
          take={last}
          scale={2}
          className="h-[360px] w-[240px]"
          label={`${namesOf(people)}, ${nameOfShot(last.shot)}`}
        />
      )}
      <div>
        <p className="quiet">
          {format(new Date(sitting.startsAt), 'EEEE d MMMM yyyy, HH:mm')} · {sitting.place}
        </p>
        <h2 className="mt-1 text-3xl">{sitting.title}</h2>
        <p className="mt-1 text-base">
          {people.map((person) => (
            <Fragment key={person.id}>
              <Link className="link-act -mx-1.5 text-base" href={`/people?person=${person.id}`}>
                {person.name}
              </Link>
              ,{' '}
            </Fragment>
          ))}
          {sitting.looks.map((l) => l.name).join(', ')}
        </p>
        <p className="quiet mt-1 max-w-prose">{people.length === 1 && people[0]!.note}</p>
        <Figures whole={whole} />
        <WaysIn sitting={sitting} last={last} />
      </div>
    </article>
  );
}
