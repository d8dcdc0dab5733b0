'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { PRESETS } from '@/core/brief';
import type { Sitter } from '@/core/people';
import type { Room } from '@/core/scene';
import { firstRole, withPerson } from '@/core/shot';
import { database, startSitting, type Begun } from '@/data';
import { doNow } from '@/keeping';
import { studio } from '@/workers/studioClient';
import type { Answers } from './answers';
import { firstShot } from './firstShot';
import { runFor, type ComposedRun } from './runFor';

/** How far a run is composed. */
export interface Composing {
  done: number;
  of: number;
}

/** Nothing is composed any more. */
const NOTHING = -1;

/** Begins the sitting that was answered: with one pose, or with a run that is composed and fitted first. */
export function useBegin(answers: Answers, people: readonly Sitter[], room: Room) {
  const router = useRouter();
  const [composing, setComposing] = useState<Composing | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const wanted = useRef(0);
  useEffect(
    () => () => {
      wanted.current = NOTHING;
    },
    [],
  );
  const { purpose, minutes } = answers;
  const message = purpose === 'later' ? null : PRESETS[purpose].message;

  function begin(place: 'pose' | 'run', begun: Begun) {
    const ids = people.map((p) => p.id);
    const said = { message, room, minutes, ...begun };
    doNow('newSitting', () => startSitting(database, new Date(), ids, said), {
      done: (id) => router.push(`/${place}?sitting=${id}`),
    });
  }
  function beginRun({ shots: all, minutesEach }: ComposedRun) {
    const shots: Begun['shots'] = ([first]) =>
      people.length > 0 ? all : all.map((s) => withPerson(s, firstRole(s), first!));
    begin('run', { shots, takeMinutes: minutesEach });
  }
  async function compose() {
    const mine = ++wanted.current;
    const isWanted = () => wanted.current === mine;
    setRefused(null);
    setComposing({ done: 0, of: 0 });
    try {
      const run = await runFor({ people, message, room, minutes }, isWanted, setComposing);
      if (run && isWanted()) beginRun(run);
    } catch (error) {
      if (isWanted()) setRefused((error as Error).message);
    }
    if (isWanted()) setComposing(null);
  }
  function stop() {
    wanted.current++;
    setComposing(null);
    void studio('backstage').callOffSearch();
  }
  const startWithOne = () => begin('pose', people.length > 1 ? { shots: (ids) => [firstShot(ids)] } : {});
  return { composing, refused, compose: () => void compose(), stop, startWithOne };
}
