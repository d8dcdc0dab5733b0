import { expose } from 'comlink';
import { assertSize, BACKUP_FILE_BYTES } from '@/core/formats';
import {
  counted,
  countUnsent,
  database,
  exportBackup,
  joining,
  openBackup,
  restoreBackup,
  stayClosed,
  takeBack,
  type Before,
  type Counted,
  type OpenedBackup,
  type RestoreWay,
  type Unsound,
} from '@/data';
import { holdLock } from './holdLock';

/** Records that cannot be restored and are told one by one. */
const TOLD = 5;

stayClosed(database);

/** A backup against what is here, in numbers. */
export interface BackupSummary {
  madeAt: string;
  counted: Counted;
  /** Records that joining would write. */
  joins: number;
  /** Records that the damaged blocks held. */
  lost: number;
  unsound: Unsound[];
  unsoundCount: number;
}

let opened: OpenedBackup | null = null;
let before: Before | null = null;

const api = {
  holdLock,

  /** Everything in one file. */
  async make(madeAt: Date, passphrase: string): Promise<Blob> {
    const lines = await exportBackup(database, madeAt, passphrase);
    return new Blob([lines.join('\n')]);
  },

  /** How many records are in no file yet. */
  unsent: (): Promise<number> => countUnsent(database),

  /**
   * Reads a backup and compares it with what is here.
   * @throws FileError in words that can be shown.
   */
  async open(file: File, passphrase: string): Promise<BackupSummary> {
    assertSize(file.name, file.size, BACKUP_FILE_BYTES);
    opened = await openBackup(database, await file.text(), passphrase);
    const { madeAt, lost, unsound } = opened;
    return {
      madeAt,
      counted: counted(opened),
      joins: joining(opened).length,
      lost,
      unsound: unsound.slice(0, TOLD),
      unsoundCount: unsound.length,
    };
  },

  /**
   * Restores the backup that was opened last, all or nothing.
   * @throws RangeError where none is open.
   */
  async restore(way: RestoreWay): Promise<void> {
    if (!opened) throw new RangeError('the backup is not open any more; choose its file again');
    before = await restoreBackup(database, opened, way);
  },

  /**
   * Puts back what stood there before the last restoring.
   * @throws RangeError where nobody knows.
   */
  async undo(): Promise<void> {
    if (!before) throw new RangeError('what stood here before is not known any more');
    await takeBack(database, before);
  },
};
export type BackupsApi = typeof api;
expose(api);
