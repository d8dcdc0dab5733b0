'use client';

import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { ColumnMapping } from '@/core/people';
import type { PeopleFile, PeopleFilesApi, Understood } from '@/workers/peopleFiles.worker';
import { watched, type Watched } from '@/workers/watched';

interface Opened extends PeopleFile {
  name: string;
}

/** A worker on one file of people. */
interface Reading {
  worker: Watched<PeopleFilesApi>;
  /** What it is adding, which it finishes whatever is left meanwhile. */
  adding: Promise<unknown>;
}

function start(): Reading {
  const name = `people ${crypto.randomUUID()}`;
  const worker = new Worker(new URL('../../../workers/peopleFiles.worker.ts', import.meta.url), {
    type: 'module',
    name,
  });
  return { worker: watched(worker, name), adding: Promise.resolve() };
}

/** Ends a worker when it has added what it was asked to. */
function end(reading: Reading | null): void {
  void reading?.adding.catch(() => undefined).then(() => reading.worker.end());
}

/** A file of people in a worker of its own: what its columns are, how far it is understood, and what its lines say. */
export function usePeopleFile() {
  const reading = useRef<Reading | null>(null);
  const [opened, setOpened] = useState<Opened | null>(null);
  const [understood, setUnderstood] = useState<Understood | null>(null);
  const [share, setShare] = useState(0);
  const [error, setError] = useState<string | null>(null);

  /** Gives up whatever is under way. */
  function cancel() {
    end(reading.current);
    reading.current = null;
    setOpened(null);
    setUnderstood(null);
    setError(null);
  }
  useEffect(() => () => end(reading.current), []);

  async function understand({ worker }: Reading, mapping: ColumnMapping) {
    setUnderstood(null);
    setShare(0);
    const found = await worker.ask((remote) => remote.understand(mapping, proxy(setShare)));
    if (found && reading.current?.worker === worker) setUnderstood(found);
  }
  async function read(file: File) {
    cancel();
    const now = start();
    reading.current = now;
    try {
      const found = await now.worker.ask((remote) => remote.open(file));
      setOpened({ ...found, name: file.name });
      await understand(now, found.mapping);
    } catch (e) {
      // what was given up is not told of
      if (reading.current === now)
        setError(`${file.name} was not read: ${(e as Error).message}. Nothing was added.`);
    }
  }
  function remap(mapping: ColumnMapping) {
    if (!opened || !reading.current) return;
    setOpened({ ...opened, mapping });
    void understand(reading.current, mapping).catch((e: Error) => setError(`${e.message}.`));
  }
  async function add(): Promise<void> {
    const now = reading.current;
    if (!now) throw new RangeError('the file is not open any more; choose it again');
    const adding = now.worker.ask((remote) => remote.add());
    now.adding = adding;
    await adding;
  }
  return { opened, understood, share, error, read, remap, cancel, add };
}
