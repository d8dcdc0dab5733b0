'use client';

import { useEffect, useRef, useState } from 'react';

interface Answered<T> {
  value: T | null;
  /** Why the newest question was refused, if it was. */
  refused: string | null;
  busy: boolean;
  /** Answers so far, refusals included. */
  answers: number;
}

interface Answer<T> {
  value: T | null;
  refused: string | null;
  /** The question that it answers. */
  to: (() => Promise<T>) | null;
  answers: number;
}

/**
 * Asks a worker again whenever the question changes; while one question runs, only the newest of those that wait is
 * kept. `ask` has to be remembered by what it asks about.
 */
export function useNewest<T>(ask: (() => Promise<T>) | null): Answered<T> {
  const [state, setState] = useState<Answer<T>>({ value: null, refused: null, to: null, answers: 0 });
  const waiting = useRef<(() => Promise<T>) | null>(null);
  const running = useRef(false);
  const alive = useRef(true);

  useEffect(() => {
    alive.current = true;
    return () => {
      alive.current = false;
    };
  }, []);

  useEffect(() => {
    if (!ask) return;
    waiting.current = ask;
    if (running.current) return;
    running.current = true;
    void (async () => {
      while (waiting.current && alive.current) {
        const next = waiting.current;
        waiting.current = null;
        const answer = await next().then(
          (value) => ({ value, refused: null }),
          (error: Error) => ({ refused: error.message }),
        );
        if (alive.current) setState((s) => ({ ...s, ...answer, to: next, answers: s.answers + 1 }));
      }
      running.current = false;
    })();
  }, [ask]);
  const { value, refused, answers } = state;
  return { value, refused, answers, busy: ask !== state.to };
}
