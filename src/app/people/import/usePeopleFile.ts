'use client';

import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { ColumnMapping } from '@/core/people';
import type { PeopleFile, PeopleFilesApi, Understood } from '@/workers/peopleFiles.worker';

interface Opened extends PeopleFile {
  name: string;
}

interface Reading {
  worker: Worker;
  remote: Remote<PeopleFilesApi>;
}

function start(): Reading {
  const worker = new Worker(new URL('../../../workers/peopleFiles.worker.ts', import.meta.url), {
    type: 'module',
  });
  return { worker, remote: wrap<PeopleFilesApi>(worker) };
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
    reading.current?.worker.terminate();
    reading.current = null;
    setOpened(null);
    setUnderstood(null);
    setError(null);
  }
  useEffect(() => () => reading.current?.worker.terminate(), []);

  async function understand(mapping: ColumnMapping) {
    setUnderstood(null);
    setShare(0);
    const found = await reading.current!.remote.understand(mapping, proxy(setShare));
    if (found) setUnderstood(found);
  }
  async function read(file: File) {
    cancel();
    reading.current = start();
    try {
      const found = await reading.current.remote.open(file);
      setOpened({ ...found, name: file.name });
      await understand(found.mapping);
    } catch (e) {
      setError(`${file.name} was not read: ${(e as Error).message}. Nothing was added.`);
    }
  }
  function remap(mapping: ColumnMapping) {
    if (!opened) return;
    setOpened({ ...opened, mapping });
    void understand(mapping);
  }
  const add = () => reading.current!.remote.add();
  return { opened, understood, share, error, read, remap, cancel, add };
}
