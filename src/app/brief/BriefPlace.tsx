'use client';

import Link from 'next/link';
import { useState } from 'react';
import { EMPTY_LOOK, type Look } from '@/core/brief';
import type { Sitting } from '@/core/sitting';
import { database, saveSitting, type WholeSitting } from '@/data';
import { Header } from '@/ui/Header';
import { SittingMissing } from '@/ui/SittingMissing';
import { useSitting } from '@/ui/useSitting';
import { LookPart } from './LookPart';
import { SittingPart } from './SittingPart';
import { TargetTable } from './TargetTable';

function Brief({ whole }: { whole: WholeSitting }) {
  const { sitting, sitter, takes } = whole;
  const [lookId, setLookId] = useState(sitting.looks[0]!.id);
  const [gone, setGone] = useState<{ look: Look; at: number } | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const look = sitting.looks.find((l) => l.id === lookId) ?? sitting.looks[0]!;
  const posesIn = (id: string) => takes.filter((t) => t.lookId === id).length;

  function change(next: Sitting) {
    saveSitting(database, next).then(
      () => setFailed(null),
      (error: Error) => setFailed(`Not kept: ${error.message}`),
    );
  }
  const changeLook = (patch: Partial<Look>) =>
    change({ ...sitting, looks: sitting.looks.map((l) => (l.id === look.id ? { ...l, ...patch } : l)) });

  function addLook() {
    const id = crypto.randomUUID();
    const name = `look ${sitting.looks.length + 1}`;
    change({ ...sitting, looks: [...sitting.looks, { ...EMPTY_LOOK, id, name, place: look.place }] });
    setLookId(id);
  }

  const plannedMin = sitting.looks.reduce((sum, l) => sum + l.minutes, 0);
  return (
    <main className="mx-auto w-full max-w-[1280px] px-4 py-5 sm:px-8">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h1 className="text-2xl">Brief: {sitting.title}</h1>
        <div className="flex flex-wrap gap-1">
          <Link className="link-act" href={`/sheet?sitting=${sitting.id}&for=client`}>
            Preparation sheet
          </Link>
          <Link className="link-act" href={`/sheet?sitting=${sitting.id}&for=photographer`}>
            Checklist
          </Link>
        </div>
      </div>
      {failed && (
        <p role="alert" className="text-error mt-2">
          {failed}
        </p>
      )}
      <SittingPart sitting={sitting} sitter={sitter} onChange={(patch) => change({ ...sitting, ...patch })} />
      <div className="rule-b mt-6 flex flex-wrap items-end gap-1" role="group" aria-label="Looks">
        {sitting.looks.map((l) => (
          <button
            key={l.id}
            type="button"
            aria-pressed={l.id === look.id}
            className="border-b-3 border-transparent px-3 py-2 aria-pressed:border-accent aria-pressed:font-bold"
            onClick={() => setLookId(l.id)}
          >
            {l.name} <span className="quiet text-xs font-normal">{l.minutes} min</span>
          </button>
        ))}
        <button
          type="button"
          className="link-act py-2"
          onClick={addLook}
          disabled={sitting.looks.length >= 20}
        >
          Add a look
        </button>
        <p
          className={`ml-auto py-2 text-sm ${plannedMin > sitting.minutes ? 'text-error font-bold' : 'quiet'}`}
        >
          {plannedMin} of {sitting.minutes} min planned
        </p>
      </div>
      {gone && (
        <p role="status" className="mt-3 flex items-center gap-3">
          {gone.look.name} is gone.
          <button
            type="button"
            className="act"
            onClick={() => {
              change({ ...sitting, looks: sitting.looks.toSpliced(gone.at, 0, gone.look) });
              setLookId(gone.look.id);
              setGone(null);
            }}
          >
            Undo
          </button>
        </p>
      )}
      <div className="mt-4 grid grid-cols-1 gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_430px]">
        <LookPart
          key={look.id}
          look={look}
          sitter={sitter}
          poses={posesIn(look.id)}
          onlyLook={sitting.looks.length === 1}
          onChange={changeLook}
          onRemove={() => {
            setGone({ look, at: sitting.looks.indexOf(look) });
            change({ ...sitting, looks: sitting.looks.filter((l) => l.id !== look.id) });
          }}
        />
        <TargetTable key={`targets ${look.id}`} look={look} onChange={(targets) => changeLook({ targets })} />
      </div>
    </main>
  );
}

/** What the pictures must say and for what they are used, look by look, and the ranges that follow from it. */
export function BriefPlace() {
  const whole = useSitting();
  if (whole === undefined) return <SittingMissing />;
  return (
    <div className="min-h-dvh">
      <Header
        about={whole ? `${whole.sitting.title} · ${whole.sitter.name}` : undefined}
        sittingId={whole?.sitting.id}
      />
      {whole ? (
        <Brief whole={whole} />
      ) : (
        <p className="p-6" role="status">
          Opening the sitting
        </p>
      )}
    </div>
  );
}
