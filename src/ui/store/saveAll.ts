import { format } from 'date-fns';
import { database, exportBackup } from '@/data';
import { download } from '../place/download';

/** Saves everything that can be read to a file. Returns its name. */
export async function saveAll(passphrase = ''): Promise<string> {
  const now = new Date();
  const lines = await exportBackup(database, now, passphrase);
  const name = `gilvo-backup-${format(now, 'yyyy-MM-dd-HHmm')}.gilvo`;
  download(name, lines.join('\n'), 'application/json');
  const made = { key: 'lastBackup', value: now.toISOString() } as const;
  // where the store refuses, the file is there all the same
  await database.preferences.put(made).catch(() => undefined);
  return name;
}
