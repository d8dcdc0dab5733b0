'use client';

import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { OnShare } from '@/workers/studio/stoppable';
import { studio } from '@/workers/studioClient';

/** A search that takes a while, with how far it is, what came of it and for which picture. */
export interface Search<T> {
  /** Share that is done, 0 to 1; null while nothing is searched. */
  share: number | null;
  found: T | null;
  refused: string | null;
  /** Starts it; an earlier one is called off. */
  run(ask: (onShare: OnShare) => Promise<T | null>): void;
  callOff(): void;
}

/** Searches in the backstage worker. What leaves the page calls off what it asked for. */
export function useSearch<T>(): Search<T> {
  const [share, setShare] = useState<number | null>(null);
  const [found, setFound] = useState<T | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  /** Which search is shown; what comes of earlier ones is not. */
  const newest = useRef(0);
  const isRunning = useRef(false);

  async function search(ask: (onShare: OnShare) => Promise<T | null>) {
    const mine = ++newest.current;
    const isMine = () => newest.current === mine;
    // the share comes by a port of its own and may come in after the answer
    const hear = (done: number) => {
      if (isMine() && isRunning.current) setShare(done);
    };
    setShare(0);
    setFound(null);
    setRefused(null);
    isRunning.current = true;
    try {
      const answer = await ask(proxy(hear));
      if (isMine()) setFound(answer);
    } catch (error) {
      if (isMine()) setRefused((error as Error).message);
    }
    if (!isMine()) return;
    isRunning.current = false;
    setShare(null);
  }
  function callOff() {
    if (isRunning.current) void studio('backstage').callOffSearch();
  }
  useEffect(
    () => () => {
      newest.current++;
      if (isRunning.current) void studio('backstage').callOffSearch();
    },
    [],
  );
  return { share, found, refused, run: (ask) => void search(ask), callOff };
}
