'use client';

import { format } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { Download, Upload } from 'lucide-react';
import Link from 'next/link';
import { dressedFor, lookOf } from '@/core/brief';
import { changeCost } from '@/core/sequence';
import { database, exportSitting, loadSitting, startSitting, type WholeSitting } from '@/data';
import { download } from '@/ui/place/download';
import { FileButton } from '@/ui/fields/FileButton';
import { Header } from '@/ui/place/Header';
import { PoseThumbnail } from '@/ui/pictures/PoseThumbnail';
import { useStoreReady } from '@/ui/place/useSitting';
import { useOpenFile } from './useOpenFile';

async function saveFile(sittingId: string, title: string) {
  const text = await exportSitting(database, sittingId, new Date());
  const name = title.toLowerCase().replace(/[^a-z0-9]+/g, '-');
  download(`${name}.gilvo.json`, text, 'application/json');
}

function SittingCard({ whole, lastTakeId }: { whole: WholeSitting; lastTakeId: string | undefined }) {
  const { sitting, sitter, takes, frames } = whole;
  const last = takes.find((t) => t.id === lastTakeId) ?? takes[0];
  const changes = takes.slice(1).reduce((s, t, i) => s + changeCost(takes[i]!.shot, t.shot).totalS, 0);
  const keepers = frames.filter((f) => f.keeper).length;
  const query = `?sitting=${sitting.id}${last ? `&take=${last.id}` : ''}`;
  return (
    <article
      className="grid grid-cols-1 gap-x-10 gap-y-6 md:grid-cols-[240px_1fr]"
      aria-label={sitting.title}
    >
      {last && (
        <PoseThumbnail
          profile={dressedFor(sitter, lookOf(sitting, last))}
          shot={last.shot}
          scale={2}
          className="h-[360px] w-[240px]"
          label={`${sitter.name}, ${last.shot.pose.name}`}
        />
      )}
      <div>
        <p className="quiet">
          {format(new Date(sitting.startsAt), 'EEEE d MMMM yyyy, HH:mm')} · {sitting.place}
        </p>
        <h2 className="mt-1 text-3xl">{sitting.title}</h2>
        <p className="mt-1 text-base">
          <Link className="link-act -mx-1.5 text-base" href={`/people?person=${sitter.id}`}>
            {sitter.name}
          </Link>
          , {sitting.looks.map((l) => l.name).join(', ')}
        </p>
        <p className="quiet mt-1 max-w-prose">{sitter.note}</p>
        <dl className="mt-4 flex flex-wrap gap-x-8 gap-y-2">
          {[
            ['poses', String(takes.length)],
            ['planned', `${takes.reduce((s, t) => s + t.minutes, 0)} of ${sitting.minutes} min`],
            ['changes', `${Math.round(changes)} s`],
            ['frames', String(frames.length)],
            ['keepers', String(keepers)],
          ].map(([name, value]) => (
            <div key={name}>
              <dt className="quiet text-xs">{name}</dt>
              <dd className="title text-xl">{value}</dd>
            </div>
          ))}
        </dl>
        <div className="mt-5 flex flex-wrap items-center gap-2">
          <Link href={`/pose${query}`} className="act px-5 py-2 text-base">
            {last ? `Continue with ${last.shot.pose.name}` : 'Pose'}
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
            onClick={() => void saveFile(sitting.id, sitting.title)}
          >
            <Download size={15} aria-hidden /> Save to a file
          </button>
        </div>
      </div>
    </article>
  );
}

function sittingsWords(count: number): string {
  return count === 1 ? 'one sitting' : `${count} sittings`;
}

/** Next sitting, continue, new sitting, and sittings from files. */
export function DeskPlace() {
  const ready = useStoreReady();
  const { message, asked, open, replace, keep } = useOpenFile();
  const data = useLiveQuery(async () => {
    if (!ready) return null;
    const sittings = await database.sittings.orderBy('startsAt').toArray();
    const wholes = await Promise.all(sittings.map((s) => loadSitting(database, s.id)));
    const last = await database.preferences.get('lastTake');
    return { wholes: wholes.filter((w): w is WholeSitting => w !== undefined), lastTakeId: last?.value };
  }, [ready]);

  return (
    <div className="min-h-dvh">
      <Header about={data ? sittingsWords(data.wholes.length) : undefined} />
      <main className="mx-auto max-w-5xl px-4 py-6 sm:px-8">
        <div className="mb-6 flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-2xl">Desk</h1>
          <div className="flex items-center gap-1">
            <button
              type="button"
              className="link-act px-3 py-2"
              onClick={() => void startSitting(database, new Date())}
            >
              New sitting
            </button>
            <FileButton
              className="link-act flex items-center gap-1.5 px-3 py-2"
              accept=".json,application/json"
              label="Sitting file"
              onFile={(file) => void open(file)}
            >
              <Upload size={15} aria-hidden /> Open from a file
            </FileButton>
          </div>
        </div>
        {message && (
          <p
            role={message.kind === 'refused' ? 'alert' : 'status'}
            className={`rule-b mb-6 pb-3 ${message.kind === 'refused' ? 'text-error' : 'text-secondary'}`}
          >
            {message.text}
          </p>
        )}
        {asked && (
          <div role="alertdialog" aria-label={`Open ${asked.name}`} className="rule-b mb-6 pb-3">
            <p>
              {[asked.replaces.sitting, asked.replaces.sitter].filter(Boolean).join(' and ')}{' '}
              {asked.replaces.sitting && asked.replaces.sitter ? 'are' : 'is'} here already, otherwise than in{' '}
              {asked.name}.
            </p>
            <p className="mt-1 flex gap-2">
              <button type="button" className="act" onClick={() => void replace(asked)}>
                Replace what is here
              </button>
              <button type="button" className="link-act" onClick={() => void keep(asked)}>
                Keep what is here
              </button>
            </p>
          </div>
        )}
        {!data && <p role="status">Opening</p>}
        <div className="space-y-12">
          {data?.wholes.map((whole) => (
            <SittingCard key={whole.sitting.id} whole={whole} lastTakeId={data.lastTakeId} />
          ))}
        </div>
      </main>
    </div>
  );
}
