'use client';

import { useState } from 'react';

/** A search in a worker: whether it runs, and what it came to, in words. */
export function useSearch(): {
  busy: boolean;
  told: string | null;
  /** Runs a search; what it returns, or what it throws, is told. */
  run(search: () => Promise<string>): void;
} {
  const [told, setTold] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  async function run(search: () => Promise<string>) {
    setBusy(true);
    setTold(await search().catch((error: Error) => error.message));
    setBusy(false);
  }
  return { busy, told, run: (search) => void run(search) };
}
