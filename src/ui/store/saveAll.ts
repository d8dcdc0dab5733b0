import { format } from 'date-fns';
import { database } from '@/data';
import { askBackups } from '@/workers/backupsClient';
import { download } from '../place/download';

/** Saves everything to a file. Returns its name. */
export async function saveAll(passphrase = ''): Promise<string> {
  const now = new Date();
  const file = await askBackups((remote) => remote.make(now, passphrase));
  const name = `gilvo-backup-${format(now, 'yyyy-MM-dd-HHmm')}.gilvo`;
  download(name, file, 'application/json');
  const made = { key: 'lastBackup', value: now.toISOString() } as const;
  // where the store refuses, the file is there all the same
  await database.preferences.put(made).catch(() => undefined);
  return name;
}
