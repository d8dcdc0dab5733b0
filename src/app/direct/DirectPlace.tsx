'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { dressedFor, lookOf } from '@/core/brief';
import { useEffect, useMemo, useState } from 'react';
import { CHECKS, cuesBetween, type Cue } from '@/core/direct';
import type { Take } from '@/core/sitting';
import { neutralPose } from '@/core/pose';
import { addFrame, database, type WholeSitting } from '@/data';
import { PoseThumbnail } from '@/ui/PoseThumbnail';
import { useSitting } from '@/ui/useSitting';
import { useTheme } from '@/ui/useTheme';
import { readPlace, writePlace, type SetPlace } from './directPlace';

function cuesFor(whole: WholeSitting, index: number): Cue[] {
  const take = whole.takes[index]!;
  const before = whole.takes[index - 1]?.shot.pose ?? neutralPose('arrives');
  return cuesBetween(before, take.shot.pose);
}

function whose(cue: Cue): string {
  return cue.side ? `${cue.station} · ${cue.side}` : cue.station;
}

function Checks({ place, onCheck }: { place: SetPlace; onCheck(id: string): void }) {
  return (
    <div role="group" aria-label="Check list" className="mt-4 flex border border-base-300">
      {CHECKS.map(({ id, words }) => {
        const done = place.checked.includes(id);
        return (
          <button
            key={id}
            type="button"
            aria-pressed={done}
            className="min-h-11 flex-1 border-l border-base-300 px-1 text-[13px] first:border-l-0 aria-pressed:text-secondary"
            onClick={() => onCheck(id)}
          >
            {words}
            {done && ' ✓'}
          </button>
        );
      })}
    </div>
  );
}

function Directing({ whole, place }: { whole: WholeSitting; place: SetPlace }) {
  const { sitting, sitter, takes, frames } = whole;
  const [mirrored, setMirrored] = useState(false);
  const index = Math.max(
    0,
    takes.findIndex((t) => t.id === place.takeId),
  );
  const take: Take = takes[index]!;
  const cues = useMemo(() => cuesFor(whole, index), [whole, index]);
  const at = Math.min(place.cue, cues.length);
  const cue = cues[at];
  const own = frames.filter((f) => f.takeId === take.id);
  const keepers = own.filter((f) => f.keeper).length;
  const move = (next: Partial<SetPlace>) =>
    void writePlace(sitting.id, { ...place, takeId: take.id, cue: at, ...next });
  const goTo = (to: number) => {
    const next = takes[to];
    if (next) move({ takeId: next.id, cue: 0, checked: [] });
  };
  const expose = (keeper: boolean) =>
    void addFrame(database, {
      id: crypto.randomUUID(),
      sittingId: sitting.id,
      takeId: take.id,
      takenAt: new Date().toISOString(),
      keeper,
    });
  const say = (c: Cue) => (mirrored ? c.asShown : c.text);
  const { camera } = take.shot;
  const done = takes.reduce((s, t, i) => s + (i < index ? t.minutes : 0), 0);

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.ctrlKey || e.metaKey || e.altKey || (e.target as HTMLElement).tagName === 'INPUT') return;
      const label = { n: 'next', f: 'frame', k: 'keeper', m: 'mirror', b: 'back' }[e.key];
      if (label) document.querySelector<HTMLButtonElement>(`[data-act="${label}"]`)?.click();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);

  return (
    <>
      <header className="px-5 pt-4">
        <div className="flex items-baseline justify-between gap-3">
          <p>
            <Link href={`/pose?sitting=${sitting.id}&take=${take.id}`} className="font-bold">
              {sitter.addressAs}
            </Link>
            <span className="quiet">
              {' '}
              · pose {index + 1} of {takes.length}
            </span>
          </p>
          <p className="quiet">{sitting.minutes - done} min left</p>
        </div>
        <div
          className="mt-2 h-1 bg-base-300"
          role="progressbar"
          aria-label="Poses done"
          aria-valuemin={0}
          aria-valuemax={takes.length}
          aria-valuenow={index}
        >
          <div className="h-full bg-primary" style={{ width: `${(index / takes.length) * 100}%` }} />
        </div>
      </header>
      <main className="flex min-h-0 flex-1 flex-col overflow-y-auto px-5 pt-3">
        <div className="rule-b flex gap-4 pb-4">
          <PoseThumbnail
            profile={dressedFor(sitter, lookOf(sitting, take))}
            shot={take.shot}
            scale={1}
            className="h-[183px] w-[122px] shrink-0"
            label={take.shot.pose.name}
          />
          <div className="min-w-0">
            <h1 className="text-2xl leading-tight">{take.shot.pose.name}</h1>
            <p className="quiet mt-1">
              {camera.focalLengthMm} mm · f/{camera.apertureF}
              <br />
              {camera.distanceM.toFixed(1)} m · lens {camera.heightM.toFixed(2)} m
            </p>
            <p className="mt-2" data-testid="frame-count">
              {own.length} of {take.plannedFrames} frames, {keepers} {keepers === 1 ? 'keeper' : 'keepers'}
            </p>
            {take.shot.pose.words && <p className="quiet mt-2 leading-snug">{take.shot.pose.words}</p>}
          </div>
        </div>
        <section aria-label="Cue" className="pt-4" aria-live="polite">
          {cue ? (
            <>
              <p className="flex justify-between text-accent">
                <span>{whose(cue)}</span>
                <span className="quiet">
                  {at + 1} of {cues.length}
                  {mirrored && ', as shown'}
                </span>
              </p>
              <p data-testid="cue" className="mt-1 text-[32px] leading-[1.18] font-semibold">
                {say(cue)}
              </p>
              <ul className="quiet mt-4 space-y-1 text-base" aria-label="Then">
                {cues.slice(at + 1, at + 3).map((c) => (
                  <li key={c.text}>{say(c)}</li>
                ))}
              </ul>
            </>
          ) : (
            <p data-testid="cue" className="mt-1 text-[30px] leading-[1.18] font-semibold">
              The pose stands. Look, then shoot.
            </p>
          )}
        </section>
        <Checks
          place={place}
          onCheck={(id) =>
            move({
              checked: place.checked.includes(id)
                ? place.checked.filter((c) => c !== id)
                : [...place.checked, id],
            })
          }
        />
      </main>
      <footer className="rule-t mt-3 grid grid-cols-3 gap-px bg-base-300">
        <button
          type="button"
          data-act="back"
          className="min-h-14 bg-base-200 disabled:opacity-50"
          disabled={at === 0 && index === 0}
          onClick={() => (at > 0 ? move({ cue: at - 1 }) : goTo(index - 1))}
        >
          back
        </button>
        <button
          type="button"
          data-act="mirror"
          aria-pressed={mirrored}
          className="min-h-14 bg-base-200 aria-pressed:text-primary"
          onClick={() => setMirrored(!mirrored)}
        >
          {mirrored ? 'as said' : 'as shown'}
        </button>
        <button
          type="button"
          data-act="skip"
          className="min-h-14 bg-base-200 disabled:opacity-50"
          disabled={index >= takes.length - 1}
          onClick={() => goTo(index + 1)}
        >
          next pose
        </button>
        <button
          type="button"
          data-act="frame"
          className="min-h-20 bg-base-200 text-lg font-bold"
          onClick={() => expose(false)}
        >
          frame {own.length + 1}
        </button>
        <button
          type="button"
          data-act="keeper"
          className="min-h-20 bg-base-200 text-lg font-bold"
          onClick={() => expose(true)}
        >
          keeper {keepers + 1}
        </button>
        <button
          type="button"
          data-act="next"
          className="min-h-20 bg-primary text-lg font-bold text-primary-content disabled:opacity-60"
          disabled={!cue && index >= takes.length - 1}
          onClick={() => (cue ? move({ cue: at + 1 }) : goTo(index + 1))}
        >
          {cue ? 'next cue' : 'next pose'}
        </button>
      </footer>
    </>
  );
}

/** On set: one cue at a time, frames and keepers, dark and large. */
export function DirectPlace() {
  const whole = useSitting();
  useTheme('blackout');
  const place = useLiveQuery(
    async () => (whole ? ((await readPlace(whole.sitting.id)) ?? undefined) : null),
    [whole],
    null,
  );
  const first = whole?.takes[0];
  if (whole === undefined || (whole && !first))
    return (
      <main className="p-6">
        <h1 className="text-2xl">{whole ? 'This run has no poses yet' : 'This sitting is not here'}</h1>
        <Link className="link-act" href="/">
          Go to the desk
        </Link>
      </main>
    );
  if (!whole || !first || place === null)
    return (
      <p className="p-6" role="status">
        Opening the sitting
      </p>
    );
  return (
    <div className="mx-auto flex h-dvh max-w-xl flex-col">
      <Directing whole={whole} place={place ?? { takeId: first.id, cue: 0, checked: [] }} />
    </div>
  );
}
