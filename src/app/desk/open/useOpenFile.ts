'use client';

import { useState } from 'react';
import { assertSize, BACKUP_FILE_BYTES, isBackup, readBackupHead, SITTING_FILE_BYTES } from '@/core/formats';
import {
  database,
  openBackup,
  openSittingFile,
  restoreBackup,
  takeBack,
  takeFile,
  type Before,
  type OpenedBackup,
  type OpenedFile,
  type RestoreWay,
} from '@/data';
import { doNow } from '@/keeping';

/** What stands open between choosing a file and having it on the desk. */
export type Opening =
  | { kind: 'none' }
  | { kind: 'refused'; text: string }
  | { kind: 'done'; text: string; before?: Before }
  | { kind: 'sitting'; name: string; opened: OpenedFile }
  | { kind: 'locked'; name: string; text: string; why: string | null }
  | { kind: 'backup'; name: string; opened: OpenedBackup };

/** Bytes that are looked at to tell what a file is. */
const FIRST_BYTES = 400;

/** A file as far as it can be opened: a sitting or a backup against what is here, or a backup that is locked. */
async function read(file: File): Promise<Opening> {
  const { name } = file;
  const isBackupFile = isBackup(await file.slice(0, FIRST_BYTES).text());
  assertSize(name, file.size, isBackupFile ? BACKUP_FILE_BYTES : SITTING_FILE_BYTES);
  const text = await file.text();
  if (!isBackupFile) return { kind: 'sitting', name, opened: await openSittingFile(database, text) };
  if (readBackupHead(text).locked) return { kind: 'locked', name, text, why: null };
  return { kind: 'backup', name, opened: await openBackup(database, text) };
}

/** Opens sitting files and backups: what is broken is refused, and nothing is read in before somebody has seen what. */
export function useOpenFile() {
  const [opening, setOpening] = useState<Opening>({ kind: 'none' });
  const done = (text: string, before?: Before) =>
    setOpening({ kind: 'done', text, ...(before && { before }) });

  async function open(file: File) {
    setOpening({ kind: 'none' });
    try {
      const found = await read(file);
      const isNew =
        found.kind === 'sitting' && found.opened.arrivals.every((a) => ['new', 'same'].includes(a.standing));
      // where nothing that is here is touched, there is nothing to ask
      if (isNew) take(found.name, found.opened, new Set(found.opened.arrivals.map((a) => a.key)));
      else setOpening(found);
    } catch (error) {
      const text = `${file.name} was not read. ${(error as Error).message}. Nothing was changed.`;
      setOpening({ kind: 'refused', text });
    }
  }
  function take(name: string, opened: OpenedFile, chosen: ReadonlySet<string>) {
    doNow('file', () => takeFile(database, opened, chosen), {
      done: (before) => done(`${name} is on the desk.`, before),
      refused: (why) => setOpening({ kind: 'refused', text: `${name} was not read. ${why}.` }),
    });
  }
  async function unlock(name: string, text: string, passphrase: string) {
    try {
      setOpening({ kind: 'backup', name, opened: await openBackup(database, text, passphrase) });
    } catch (error) {
      setOpening({ kind: 'locked', name, text, why: (error as Error).message });
    }
  }
  function restore(name: string, opened: OpenedBackup, way: RestoreWay) {
    doNow('file', () => restoreBackup(database, opened, way), {
      done: (before) => done(`${name} is restored.`, before),
      refused: (why) => setOpening({ kind: 'refused', text: `${name} was not restored. ${why}.` }),
    });
  }
  function undo(before: Before) {
    doNow('file', () => takeBack(database, before), { done: () => done('It is as it was before.') });
  }
  const leave = (name: string) => done(`${name} was left alone.`);
  return { opening, open, take, unlock, restore, undo, leave };
}

export type FileOpening = ReturnType<typeof useOpenFile>;
