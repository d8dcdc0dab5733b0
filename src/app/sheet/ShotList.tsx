'use client';

import { useEffect, useMemo, useState } from 'react';
import { MINUTE_S, planAsItStands, type RunPlan } from '@/core/sequence';
import { nameOfShot, soloShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { whoseIn, type WholeSitting } from '@/data';
import { timeWords } from '@/take/planWords';
import { runSourceOf } from '@/take/runSource';
import { cuesFor } from '@/take/saidCues';
import { wordsBetween, type Words } from '@/take/wordsBetween';
import { TakeThumbnail } from '@/ui/pictures/TakeThumbnail';
import { namesOf } from '@/ui/place/namesOf';
import { usePace } from '@/ui/place/usePace';

/** The words to each picture of a run, by its id, as they are found one after the other. */
function useAllWords(whole: WholeSitting): ReadonlyMap<string, Words> {
  const [found, setFound] = useState<ReadonlyMap<string, Words>>(new Map());
  useEffect(() => {
    let isWanted = true;
    void (async () => {
      for (const [i, take] of whole.takes.entries()) {
        if (!isWanted) return;
        const words = await wordsBetween(whole, whole.takes[i - 1], take, []).catch(() => null);
        if (isWanted && words) setFound((all) => new Map(all).set(take.id, words));
      }
    })();
    return () => {
      isWanted = false;
    };
  }, [whole]);
  return found;
}

interface ListedProps {
  whole: WholeSitting;
  take: Take;
  before: Take | undefined;
  words: Words | undefined;
  step: RunPlan['steps'][number];
}

/** When, with what, and how often a picture is taken. */
function takenWords({ take, step }: ListedProps): string {
  const { camera } = soloShot(take.shot);
  return [
    `from minute ${Math.round(step.beginS / MINUTE_S)}`,
    `${take.minutes} min`,
    `${take.plannedFrames} frames`,
    `${camera.focalLengthMm} mm, f/${camera.apertureF}, at ${camera.distanceM.toFixed(1)} m, lens ${camera.heightM.toFixed(2)} m high`,
    ...(take.orderWishes?.mustHave ? ['must be had'] : []),
  ].join(' · ');
}

/** What is said for a picture, once it is found. */
function Sayings({ whole, take, before, words }: ListedProps) {
  if (!words) return <p role="status">Finding the words</p>;
  return (
    <ol className="mt-1 list-decimal pl-5">
      {cuesFor(whole, before, take, words).map((cue, i) => (
        <li key={i} lang={cue.voice.language}>
          {cue.to && `${cue.to}: `}
          {cue.text}
        </li>
      ))}
    </ol>
  );
}

/** One picture of the list: as it is to be, when, with what, and what is said for it. */
function Listed(props: ListedProps) {
  const { whole, take, step } = props;
  const name = nameOfShot(take.shot);
  const whose = namesOf(whoseIn(whole, take));
  return (
    <li className="sheet-section flex gap-4">
      <TakeThumbnail
        whole={whole}
        take={take}
        scale={1}
        className="h-[126px] w-[84px] shrink-0"
        label={name}
      />
      <div className="min-w-0">
        {step.restS > 0 && <p className="font-bold">A rest first: {timeWords(step.restS)}</p>}
        <h2 className="text-lg leading-tight">
          {name}
          {whose && <span className="text-sm font-normal"> {whose}</span>}
        </h2>
        <p className="text-sm">{takenWords(props)}</p>
        <Sayings {...props} />
      </div>
    </li>
  );
}

/** The pictures of a sitting in their order, to be printed: small pictures, times, camera, and what is said. */
export function ShotList({ whole }: { whole: WholeSitting }) {
  const { pace } = usePace();
  const words = useAllWords(whole);
  const plan = useMemo(() => planAsItStands(runSourceOf(whole, {}), pace), [whole, pace]);
  return (
    <ol aria-label="Shot list">
      {whole.takes.map((take, i) => (
        <Listed
          key={take.id}
          whole={whole}
          take={take}
          before={whole.takes[i - 1]}
          words={words.get(take.id)}
          step={plan.steps[i]!}
        />
      ))}
    </ol>
  );
}
