'use client';

import { useState } from 'react';
import { assertSize, isBackup, readBackupHead, SITTING_FILE_BYTES } from '@/core/formats';
import { database, openSittingFile, takeBack, takeFile, type OpenedFile, type RestoreWay } from '@/data';
import { doNow } from '@/keeping';
import type { BackupSummary } from '@/workers/backups.worker';
import { askBackups } from '@/workers/backupsClient';

/** What stands open between choosing a file and having it on the desk. */
export type Opening =
  | { kind: 'none' }
  | { kind: 'reading'; name: string }
  | { kind: 'refused'; text: string }
  | { kind: 'done'; text: string; undo?: () => Promise<void> }
  | { kind: 'sitting'; name: string; opened: OpenedFile }
  | { kind: 'locked'; file: File; why: string | null }
  | { kind: 'backup'; name: string; summary: BackupSummary };

/** Bytes in which the first line of a backup ends, which tells what it is. */
const HEAD_BYTES = 4000;

async function readBackup(file: File, passphrase: string): Promise<Opening> {
  const summary = await askBackups((remote) => remote.open(file, passphrase));
  return { kind: 'backup', name: file.name, summary };
}

/** A file as far as it can be opened: a sitting or a backup against what is here, or a backup that is locked. */
async function read(file: File): Promise<Opening> {
  const { name } = file;
  const head = await file.slice(0, HEAD_BYTES).text();
  if (isBackup(head))
    return readBackupHead(head).locked ? { kind: 'locked', file, why: null } : readBackup(file, '');
  assertSize(name, file.size, SITTING_FILE_BYTES);
  return { kind: 'sitting', name, opened: await openSittingFile(database, await file.text()) };
}

/** Where nothing that is here is touched, there is nothing to ask. */
const isAllNew = ({ arrivals }: OpenedFile) => arrivals.every((a) => ['new', 'same'].includes(a.standing));

/** Opens sitting files and backups: what is broken is refused, and nothing is read in before somebody has seen what. */
export function useOpenFile() {
  const [opening, setOpening] = useState<Opening>({ kind: 'none' });
  const refuse = (text: string) => setOpening({ kind: 'refused', text });
  const done = (text: string, undo?: () => Promise<void>) =>
    setOpening({ kind: 'done', text, ...(undo && { undo }) });

  async function open(file: File) {
    setOpening({ kind: 'reading', name: file.name });
    try {
      const found = await read(file);
      if (found.kind === 'sitting' && isAllNew(found.opened))
        take(found.name, found.opened, new Set(found.opened.arrivals.map((a) => a.key)));
      else setOpening(found);
    } catch (error) {
      refuse(`${file.name} was not read. ${(error as Error).message}. Nothing was changed.`);
    }
  }
  function take(name: string, opened: OpenedFile, chosen: ReadonlySet<string>) {
    doNow('file', () => takeFile(database, opened, chosen), {
      done: (before) => done(`${name} is on the desk.`, () => takeBack(database, before)),
      refused: (why) => refuse(`${name} was not read. ${why}.`),
    });
  }
  async function unlock(file: File, passphrase: string) {
    try {
      setOpening(await readBackup(file, passphrase));
    } catch (error) {
      setOpening({ kind: 'locked', file, why: (error as Error).message });
    }
  }
  function restore(name: string, way: RestoreWay) {
    doNow('file', () => askBackups((remote) => remote.restore(way)), {
      done: () => done(`${name} is restored.`, () => askBackups((remote) => remote.undo())),
      refused: (why) => refuse(`${name} was not restored. ${why}.`),
    });
  }
  function takeBackAll(undo: () => Promise<void>) {
    doNow('file', undo, { done: () => done('It is as it was before.'), refused: refuse });
  }
  const leave = (name: string) => done(`${name} was left alone.`);
  return { opening, open, take, unlock, restore, undo: takeBackAll, leave };
}

export type FileOpening = ReturnType<typeof useOpenFile>;
