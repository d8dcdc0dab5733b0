import { z } from 'zod';
import { contentHash, explain } from '../checks';
import { lockOf, newLock, type Lock } from './lock';
import { FileError, readJson } from './readJson';

const BACKUP_FORMAT = 'gilvo.backup';
const BACKUP_VERSION = 1;
/** Larger files than this are not read, bytes. */
export const BACKUP_FILE_BYTES = 500e6;
/** Records of one block: what is lost where a block is damaged. */
const BLOCK_RECORDS = 100;

/** A record of a table with what it said in earlier files. */
export type BackupEntry = readonly [table: string, record: unknown, past: readonly string[]];

const headSchema = z.strictObject({
  format: z.literal(BACKUP_FORMAT),
  version: z.literal(BACKUP_VERSION),
  madeAt: z.iso.datetime(),
  /** How many records of each table the file was made with. */
  counts: z.record(z.string().max(40), z.int().min(0)),
  blocks: z.int().min(0).max(1e6),
  locked: z
    .strictObject({
      kdf: z.literal('PBKDF2-SHA-256'),
      iterations: z.int().min(1),
      saltBase64: z.string().regex(/^[A-Za-z0-9+/=]{1,100}$/),
      cipher: z.literal('AES-256-GCM'),
    })
    .optional(),
});
type BackupHead = z.infer<typeof headSchema>;

/** A line of the file after the first: so many records, plain with a checksum or locked. */
const blockSchema = z.union([
  z.strictObject({ block: z.int().min(0), sum: z.string(), records: z.array(z.unknown()) }),
  z.strictObject({ block: z.int().min(0), data: z.string() }),
]);
const entrySchema = z.tuple([z.string(), z.unknown(), z.array(z.string())]);

/** Whether a text begins as a backup does. */
export function isBackup(text: string): boolean {
  return text.slice(0, 400).includes(`"${BACKUP_FORMAT}"`);
}

/**
 * Writes everything as lines: the head, then blocks that can be read each by itself.
 * @param passphrase locks the blocks; an empty one locks nothing.
 */
export async function writeBackup(
  entries: readonly BackupEntry[],
  madeAt: Date,
  passphrase = '',
): Promise<string[]> {
  const counts: Record<string, number> = {};
  for (const [table] of entries) counts[table] = (counts[table] ?? 0) + 1;
  const blocks = Math.ceil(entries.length / BLOCK_RECORDS);
  const locked = passphrase === '' ? undefined : newLock();
  const lock = locked && (await lockOf(passphrase, locked));
  const head: BackupHead = {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    madeAt: madeAt.toISOString(),
    counts,
    blocks,
    ...(locked && { locked }),
  };
  const lines = [JSON.stringify(head)];
  for (let block = 0; block < blocks; block++) {
    const records = entries.slice(block * BLOCK_RECORDS, (block + 1) * BLOCK_RECORDS);
    lines.push(await blockLine(block, records, lock));
  }
  return lines;
}

async function blockLine(block: number, records: readonly BackupEntry[], lock?: Lock): Promise<string> {
  if (!lock) return JSON.stringify({ block, sum: contentHash(records), records });
  return JSON.stringify({ block, data: await lock.close(JSON.stringify(records), block) });
}

/** What was read of a backup; its head says how much there was. */
export interface ReadBackup {
  head: BackupHead;
  entries: BackupEntry[];
}

/**
 * Reads the head of a backup.
 * @throws FileError naming what is wrong with it.
 */
export function readBackupHead(text: string): BackupHead {
  const end = text.indexOf('\n');
  const raw = readJson(end < 0 ? text : text.slice(0, end));
  const version = (raw as { version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > BACKUP_VERSION)
    throw new FileError(`version is ${version}; this Gilvo reads backups of version 1 to ${BACKUP_VERSION}`);
  const parsed = headSchema.safeParse(raw);
  if (!parsed.success) throw new FileError(explain(parsed.error, raw));
  return parsed.data;
}

/**
 * Reads what is whole of a backup. A damaged or missing block costs the records of that block alone.
 * @throws FileError when the head is broken, the passphrase is missing or another, or nothing at all can be read.
 */
export async function readBackup(text: string, passphrase = ''): Promise<ReadBackup> {
  const head = readBackupHead(text);
  if (head.locked && passphrase === '') throw new FileError('The backup is locked: type its passphrase');
  const lock = head.locked && (await lockOf(passphrase, head.locked));
  const found = new Map<number, BackupEntry[]>();
  for (const line of text.split('\n').slice(1)) {
    const read = line.trim() === '' ? null : await readBlock(line, lock);
    if (read) found.set(read.block, read.entries);
  }
  const numbers = Array.from({ length: head.blocks }, (_, block) => block);
  if (head.blocks > 0 && found.size === 0)
    throw new FileError(
      lock
        ? 'The passphrase is another, or nothing of the backup is whole'
        : 'Nothing of the backup is whole',
    );
  return { head, entries: numbers.flatMap((block) => found.get(block) ?? []) };
}

/** One block; null where it is damaged. */
async function readBlock(line: string, lock: Lock | undefined) {
  try {
    const block = blockSchema.parse(readJson(line));
    const isLocked = 'data' in block;
    if (isLocked && !lock) return null;
    const records = isLocked ? readJson(await lock!.open(block.data, block.block)) : block.records;
    if (!isLocked && contentHash(records) !== block.sum) return null;
    return { block: block.block, entries: z.array(entrySchema).parse(records) };
  } catch {
    return null;
  }
}
