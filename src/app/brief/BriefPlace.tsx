'use client';

import Link from 'next/link';
import { useState } from 'react';
import { EMPTY_LOOK, type Look } from '@/core/brief';
import type { Combination } from '@/core/combinations';
import { withPeople, type Sitting } from '@/core/sitting';
import { changeSitting, database, type WholeSitting } from '@/data';
import { doNow } from '@/keeping';
import { Header } from '@/ui/place/Header';
import { SittingMissing } from '@/ui/place/SittingMissing';
import { UndoLine } from '@/ui/place/UndoLine';
import { namesOf } from '@/ui/place/namesOf';
import { useSitting } from '@/ui/place/useSitting';
import { CombinationsPart } from './combinations/CombinationsPart';
import { LookPart } from './look/LookPart';
import { LooksBar } from './LooksBar';
import { PeopleOfSitting } from './PeopleOfSitting';
import { SchoolPart } from './schools/SchoolPart';
import { SittingPart } from './SittingPart';
import { TargetTable } from './targets/TargetTable';

/** The looks of a sitting as they are edited: which is open, which was just removed, and whether it was kept. */
function useLooks({ sitting }: WholeSitting) {
  const [lookId, setLookId] = useState(sitting.looks[0]!.id);
  const [gone, setGone] = useState<{ look: Look; at: number } | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const look = sitting.looks.find((l) => l.id === lookId) ?? sitting.looks[0]!;

  /** Changes the sitting as it stands in the store: what is on the page may be older. */
  function alter(how: (now: Sitting) => Sitting) {
    doNow('brief', () => changeSitting(database, sitting.id, how), {
      done: () => setFailed(null),
      refused: (why) => setFailed(`Not kept: ${why}`),
    });
  }
  const change = (patch: Partial<Sitting>) => alter((now) => ({ ...now, ...patch }));
  const changePeople = (how: (ids: string[]) => string[]) =>
    alter((now) => withPeople(now, how(now.personIds)));
  const changeCombinations = (how: (now: Combination[]) => Combination[]) =>
    alter((now) => ({ ...now, combinations: how(now.combinations ?? []) }));
  const alterLooks = (how: (looks: Look[]) => Look[]) => alter((now) => ({ ...now, looks: how(now.looks) }));
  const changeLook = (patch: Partial<Look>) =>
    alterLooks((looks) => looks.map((l) => (l.id === look.id ? { ...l, ...patch } : l)));

  function add() {
    const id = crypto.randomUUID();
    const name = `look ${sitting.looks.length + 1}`;
    alterLooks((looks) => [...looks, { ...EMPTY_LOOK, id, name, place: look.place }]);
    setLookId(id);
  }
  function remove() {
    setGone({ look, at: sitting.looks.indexOf(look) });
    alterLooks((looks) => looks.filter((l) => l.id !== look.id));
  }
  function bringBack({ look: back, at }: NonNullable<typeof gone>) {
    alterLooks((looks) => looks.toSpliced(at, 0, back));
    setLookId(back.id);
    setGone(null);
  }
  return {
    look,
    gone,
    failed,
    open: setLookId,
    change,
    changePeople,
    changeCombinations,
    changeLook,
    add,
    remove,
    bringBack,
  };
}

function BriefTitle({ sitting }: { sitting: Sitting }) {
  return (
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
  );
}

function Brief({ whole }: { whole: WholeSitting }) {
  const { sitting, people, takes } = whole;
  const looks = useLooks(whole);
  const { look, gone, failed, open, changeLook, bringBack } = looks;
  return (
    <main className="mx-auto w-full max-w-[1280px] px-4 py-5 sm:px-8">
      <BriefTitle sitting={sitting} />
      {failed && (
        <p role="alert" className="text-error mt-2">
          {failed}
        </p>
      )}
      <PeopleOfSitting whole={whole} onPeople={looks.changePeople} />
      <SittingPart sitting={sitting} onChange={looks.change} />
      <LooksBar sitting={sitting} openId={look.id} onOpen={open} onAdd={looks.add} />
      {gone && (
        <UndoLine className="mt-3" words={`${gone.look.name} is gone.`} onUndo={() => bringBack(gone)} />
      )}
      <div className="mt-4 grid grid-cols-1 gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_430px]">
        <LookPart
          key={look.id}
          look={look}
          people={people}
          takes={takes.filter((t) => t.lookId === look.id)}
          onlyLook={sitting.looks.length === 1}
          onChange={changeLook}
          onRemove={looks.remove}
        />
        <div key={`review ${look.id}`}>
          <SchoolPart look={look} onChange={changeLook} />
          <TargetTable look={look} onChange={(targets) => changeLook({ targets })} />
        </div>
      </div>
      <CombinationsPart whole={whole} onCombinations={looks.changeCombinations} />
    </main>
  );
}

/** What the pictures must say and for what they are used, look by look, and the ranges that follow from it. */
export function BriefPlace() {
  const whole = useSitting();
  if (whole === undefined) return <SittingMissing />;
  return (
    <div className="min-h-place">
      <Header
        about={whole ? `${whole.sitting.title} · ${namesOf(whole.people)}` : undefined}
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
