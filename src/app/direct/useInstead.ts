import { useState } from 'react';
import { dressedFor, lookOf, standardIn } from '@/core/brief';
import type { Fitted } from '@/core/library';
import { groundOf } from '@/core/scene';
import { soloShot, withSolo } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { database, saveTake, sitterIn, soloIn, type WholeSitting } from '@/data';
import { doNow } from '@/keeping';
import { studio } from '@/workers/studioClient';

/** What may take the place of a pose that cannot be done; nothing where no other suits. */
interface Instead {
  takeId: string;
  fitted: Fitted | null;
}

/** The nearest pose that suits, of one person's picture. */
async function nearestTo(whole: WholeSitting, take: Take): Promise<Fitted | null> {
  const sitter = sitterIn(whole, take)!;
  const look = lookOf(whole.sitting, take);
  const { message } = take.shot;
  const ground = groundOf(whole.sitting.room);
  const wishes = { ground, ...(look && { standard: standardIn(look, message) }) };
  const shot = soloIn(whole, take);
  return studio('backstage').fitInstead(dressedFor(sitter, look), shot, shot.pose, wishes);
}

/** Finds what may take the place of a pose that the sitter cannot do, and puts it there when it is agreed to. */
export function useInstead(whole: WholeSitting, take: Take, onChanged: () => void) {
  const [instead, setInstead] = useState<Instead | null>(null);
  const [busyWith, setBusyWith] = useState<string | null>(null);
  const [undo, setUndo] = useState<{ takeId: string; run(): void } | null>(null);
  const found = instead?.takeId === take.id ? instead : null;

  async function ask() {
    setBusyWith(take.id);
    const fitted = await nearestTo(whole, take).catch(() => null);
    setBusyWith(null);
    setInstead({ takeId: take.id, fitted });
  }
  function put(from: Take, to: Take, done: () => void) {
    doNow('pose', () => saveTake(database, from, to), { done });
    onChanged();
  }
  function agree() {
    if (!found?.fitted) return;
    setInstead(null);
    const other = { ...take, shot: withSolo(take.shot, { ...soloShot(take.shot), ...found.fitted.shot }) };
    const run = () => put(other, { ...other, shot: take.shot }, () => setUndo(null));
    put(take, other, () => setUndo({ takeId: take.id, run }));
  }
  return {
    canAsk: take.shot.people.length === 1 && sitterIn(whole, take) !== undefined,
    isBusy: busyWith === take.id,
    /** The name of what is proposed; null where nothing suits, or nothing was asked. */
    proposed: found?.fitted?.shot.pose.name ?? null,
    isAsked: found !== null,
    undo: undo?.takeId === take.id ? undo.run : null,
    ask: () => void ask(),
    agree,
    dismiss: () => setInstead(null),
  };
}
