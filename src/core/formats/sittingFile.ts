import { z } from 'zod';
import { sitterSchema } from '../people';
import { frameSchema, sittingSchema, takeSchema } from '../sitting';
import { upgradeSitter, upgradeSitting, upgradeTake } from '../sitting';

export const SITTING_FORMAT = 'gilvo.sitting';
export const SITTING_VERSION = 4;
/** Versions that can be read. */
const READABLE = [1, 2, 3, 4];

/** A sitting with everything that belongs to it, as one file. */
export const sittingFileSchema = z.strictObject({
  format: z.literal(SITTING_FORMAT),
  version: z.literal(SITTING_VERSION),
  exportedAt: z.iso.datetime(),
  sitter: sitterSchema,
  sitting: sittingSchema,
  takes: z.array(takeSchema).max(500),
  frames: z.array(frameSchema).max(20000),
});
export type SittingFile = z.infer<typeof sittingFileSchema>;

/** A file that cannot be read: one sentence with the path and the value. */
export class SittingFileError extends Error {
  override name = 'SittingFileError';
}

/** Writes a sitting as JSON text. The photographer's private notes stay behind. */
export function writeSittingFile(content: Omit<SittingFile, 'format' | 'version'>): string {
  return JSON.stringify(
    {
      format: SITTING_FORMAT,
      version: SITTING_VERSION,
      ...content,
      sitter: { ...content.sitter, privateNote: '' },
    },
    null,
    1,
  );
}

/**
 * Reads a sitting file and checks that it hangs together.
 * @throws SittingFileError naming the first path that is wrong, its value, and what would be right.
 */
export function readSittingFile(text: string): SittingFile {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (error) {
    throw new SittingFileError(`The file is not JSON: ${(error as Error).message}`);
  }
  const format = (raw as { format?: unknown } | null)?.format;
  if (format !== SITTING_FORMAT)
    throw new SittingFileError(`format is ${show(format)}; a sitting file says "${SITTING_FORMAT}"`);
  const version = (raw as { version?: unknown }).version;
  if (!READABLE.includes(version as number))
    throw new SittingFileError(
      `version is ${show(version)}; this Gilvo reads version ${READABLE.join(', ')}`,
    );
  if (version !== SITTING_VERSION) raw = upgradeFile(raw as Record<string, unknown>);
  const parsed = sittingFileSchema.safeParse(raw);
  if (!parsed.success) throw new SittingFileError(explain(parsed.error, raw));
  const file = parsed.data;
  if (file.sitting.sitterId !== file.sitter.id)
    throw new SittingFileError(
      `sitting.sitterId is ${show(file.sitting.sitterId)}; the sitter's id is ${show(file.sitter.id)}`,
    );
  const takes = new Set<string>();
  const places = new Set<number>();
  file.takes.forEach((t, i) => {
    if (takes.has(t.id)) throw new SittingFileError(`takes[${i}].id is ${show(t.id)}; it is there twice`);
    if (places.has(t.position))
      throw new SittingFileError(`takes[${i}].position is ${t.position}; it is there twice`);
    takes.add(t.id);
    places.add(t.position);
    if (!file.sitting.looks.some((l) => l.id === t.lookId))
      throw new SittingFileError(`takes[${i}].lookId is ${show(t.lookId)}; the sitting has no such look`);
    if (t.sittingId !== file.sitting.id)
      throw new SittingFileError(
        `takes[${i}].sittingId is ${show(t.sittingId)}; the sitting's id is ${show(file.sitting.id)}`,
      );
  });
  const frames = new Set<string>();
  file.frames.forEach((f, i) => {
    if (frames.has(f.id)) throw new SittingFileError(`frames[${i}].id is ${show(f.id)}; it is there twice`);
    frames.add(f.id);
    if (f.sittingId !== file.sitting.id)
      throw new SittingFileError(
        `frames[${i}].sittingId is ${show(f.sittingId)}; the sitting's id is ${show(file.sitting.id)}`,
      );
    if (!takes.has(f.takeId))
      throw new SittingFileError(`frames[${i}].takeId is ${show(f.takeId)}; no take has this id`);
  });
  return file;
}

/** Brings a file of an earlier version up to date; what is as it should be stays. */
function upgradeFile(raw: Record<string, unknown>): Record<string, unknown> {
  return {
    ...raw,
    version: SITTING_VERSION,
    sitter: upgradeSitter(raw.sitter),
    sitting: upgradeSitting(raw.sitting),
    takes: Array.isArray(raw.takes) ? raw.takes.map(upgradeTake) : raw.takes,
  };
}

/** First problem of a failed parse as path, value and message. */
export function explain(error: z.ZodError, raw: unknown): string {
  const issue = error.issues[0]!;
  const path = issue.path
    .map((p, i) => (typeof p === 'number' ? `[${p}]` : i === 0 ? String(p) : `.${String(p)}`))
    .join('');
  let value: unknown = raw;
  for (const p of issue.path) value = (value as Record<PropertyKey, unknown> | undefined)?.[p as PropertyKey];
  const shown = issue.code === 'unrecognized_keys' ? '' : ` is ${show(value)}`;
  return `${path || 'the file'}${shown}: ${issue.message}`;
}

function show(value: unknown): string {
  const text = JSON.stringify(value) ?? 'missing';
  return text.length > 60 ? `${text.slice(0, 57)}...` : text;
}
