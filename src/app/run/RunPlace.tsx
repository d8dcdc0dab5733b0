'use client';

import Link from 'next/link';
import { useState } from 'react';
import type { Pose } from '@/core/pose';
import type { WholeSitting } from '@/data';
import { Header } from '@/ui/place/Header';
import { HousePoseChoice } from '@/ui/fields/HousePoseChoice';
import { PersonChoice } from '@/ui/fields/PersonChoice';
import { SittingMissing } from '@/ui/place/SittingMissing';
import { UndoLine } from '@/ui/place/UndoLine';
import { namesOf } from '@/ui/place/namesOf';
import { usePace } from '@/ui/place/usePace';
import { useSitting } from '@/ui/place/useSitting';
import { FittedLine } from './FittedLine';
import { OrderPart } from './order/OrderPart';
import { useSentences } from './order/useSentences';
import { PacePart } from './PacePart';
import { OrderedTakes } from './takes/OrderedTakes';
import { useRun } from './useRun';

interface AddedPoseProps {
  whole: WholeSitting;
  onAdd(pose: Pose, personId: string): void;
}

/** A pose of the house for the end of the run, of one of the people. */
function AddedPose({ whole: { sitting, people, takes }, onAdd }: AddedPoseProps) {
  const [chosen, setChosen] = useState<string | null>(null);
  const last = takes.at(-1)?.shot.people[0]?.personId;
  // the last picture can be of somebody whose record is not here
  const personId = [chosen, last].find((id) => people.some((p) => p.id === id)) ?? people[0]!.id;
  return (
    <div className="rule-t mt-4 flex flex-wrap items-center gap-x-3 gap-y-1 pt-4">
      <span>Add a pose of the house</span>
      {people.length > 1 && (
        <PersonChoice label="of" people={people} personId={personId} onChoose={setChosen} />
      )}
      <span className="min-w-0 flex-1 basis-56">
        <HousePoseChoice label="Add a pose of the house" onChoose={(pose) => onAdd(pose, personId)} />
      </span>
      <Link className="link-act px-3 py-2" href={`/library?sitting=${sitting.id}`}>
        See them on the sitter
      </Link>
    </div>
  );
}

function Run({ whole }: { whole: WholeSitting }) {
  const { undoWords, takeBack, reorder, apply, add, fitState, ...change } = useRun(whole);
  const { pace } = usePace();
  const sentences = useSentences(whole);
  const known = { whole, pace, sentences };
  return (
    <main className="mx-auto max-w-5xl px-4 py-6 sm:px-8">
      <div className="flex items-baseline justify-between gap-3">
        <h1 className="text-2xl">Run</h1>
        <Link className="link-act" href={`/sheet?sitting=${whole.sitting.id}&for=shots`}>
          Shot list to print
        </Link>
      </div>
      {whole.takes.length > 0 && <OrderPart {...known} onApply={apply} />}
      {undoWords && <UndoLine className="rule-b py-2 text-secondary" words={undoWords} onUndo={takeBack} />}
      <OrderedTakes
        {...known}
        onOrder={(ids) => reorder(ids, 'Order changed.')}
        onRemove={change.remove}
        onSplit={change.split}
        onReplace={change.replace}
        onWish={change.wish}
      />
      <AddedPose whole={whole} onAdd={add} />
      <FittedLine {...fitState} />
      <PacePart />
    </main>
  );
}

/** The order of the poses and what it costs. */
export function RunPlace() {
  const whole = useSitting();
  return (
    <div className="min-h-place">
      <Header
        about={whole ? `${whole.sitting.title} · ${namesOf(whole.people)}` : undefined}
        sittingId={whole?.sitting.id}
        takeId={whole?.takes[0]?.id}
      />
      {whole === undefined && <SittingMissing />}
      {whole === null && (
        <p className="p-6" role="status">
          Opening the sitting
        </p>
      )}
      {whole && <Run whole={whole} />}
    </div>
  );
}
