import { z } from 'zod';
import { MOST_PEOPLE } from '../shot';
import { sitterSchema } from '../people';
import { frameSchema, sittingSchema, takeSchema } from '../sitting';
import { upgradeSitter, upgradeSitting, upgradeTake } from '../sitting';
import { eachOnce, explain, shown } from '../checks';
import { carriedOn, lineageSchema, type Lineage } from './lineage';
import { FileError, readJson } from './readJson';

export const SITTING_FORMAT = 'gilvo.sitting';
export const SITTING_VERSION = 11;
/** Versions that can be read. */
const READABLE = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11];
/** The first version that has people; what it says is what the newest says, which can say more. */
const FIRST_OF_SEVERAL = 6;

/** Larger files than this are not read; the largest sitting that is allowed has about half of it, bytes. */
export const SITTING_FILE_BYTES = 20e6;

/** A sitting with everything that belongs to it, as one file. */
export const sittingFileSchema = z.strictObject({
  format: z.literal(SITTING_FORMAT),
  version: z.literal(SITTING_VERSION),
  exportedAt: z.iso.datetime(),
  /** Whose pictures are taken. */
  people: z.array(sitterSchema).min(1).max(MOST_PEOPLE).superRefine(eachOnce('id')),
  sitting: sittingSchema,
  takes: z.array(takeSchema).max(500),
  frames: z.array(frameSchema).max(20000),
  /** What each record said whenever it was in a file before, by table and key; empty up to the fourth version. */
  lineage: lineageSchema,
});
export type SittingFile = z.infer<typeof sittingFileSchema>;

/** Writes a sitting as JSON text. The photographer's private notes stay behind. */
export function writeSittingFile(content: Omit<SittingFile, 'format' | 'version'>): string {
  return JSON.stringify(
    {
      format: SITTING_FORMAT,
      version: SITTING_VERSION,
      ...content,
      people: content.people.map((p) => ({ ...p, privateNote: '' })),
    },
    null,
    1,
  );
}

/**
 * Reads a sitting file and checks that it hangs together.
 * @throws FileError naming the first path that is wrong, its value, and what would be right.
 */
export function readSittingFile(text: string): SittingFile {
  let raw = readJson(text);
  const format = (raw as { format?: unknown } | null)?.format;
  if (format !== SITTING_FORMAT)
    throw new FileError(`format is ${shown(format)}; a sitting file says "${SITTING_FORMAT}"`);
  const version = (raw as { version?: unknown }).version;
  if (!READABLE.includes(version as number))
    throw new FileError(`version is ${shown(version)}; this Gilvo reads version ${READABLE.join(', ')}`);
  raw =
    (version as number) >= FIRST_OF_SEVERAL
      ? { ...(raw as Raw), version: SITTING_VERSION }
      : upgradeFile(raw as Raw);
  const parsed = sittingFileSchema.safeParse(raw);
  if (!parsed.success) throw new FileError(explain(parsed.error, raw));
  assertHangsTogether(parsed.data);
  return parsed.data;
}

/** Says that something of a file cannot be, with its path and value. */
function refuse(path: string, value: unknown, why: string): never {
  throw new FileError(`${path} is ${shown(value)}; ${why}`);
}

function assertHangsTogether({ sitting, people, takes, frames }: SittingFile): void {
  const isLook = (id: string) => sitting.looks.some((l) => l.id === id);
  const personIds = new Set(people.map((p) => p.id));
  for (const [i, id] of sitting.personIds.entries())
    if (!personIds.has(id))
      refuse(`sitting.personIds[${i}]`, id, 'none of the people of the file has this id');
  assertOnce('takes', takes, 'id');
  assertOnce('takes', takes, 'position');
  assertOnce('frames', frames, 'id');
  const takeIds = new Set(takes.map((t) => t.id));
  for (const [i, { sittingId, lookId, position, shot }] of takes.entries()) {
    for (const [k, { personId }] of shot.people.entries())
      if (!sitting.personIds.includes(personId))
        refuse(`takes[${i}].shot.people[${k}].personId`, personId, 'the sitting has no such person');
    if (!isLook(lookId)) refuse(`takes[${i}].lookId`, lookId, 'the sitting has no such look');
    if (sittingId !== sitting.id)
      refuse(`takes[${i}].sittingId`, sittingId, `the sitting's id is ${shown(sitting.id)}`);
    if (position >= takes.length)
      refuse(
        `takes[${i}].position`,
        position,
        `${takes.length} takes have the places 0 to ${takes.length - 1}`,
      );
  }
  for (const [i, { sittingId, takeId }] of frames.entries()) {
    if (sittingId !== sitting.id)
      refuse(`frames[${i}].sittingId`, sittingId, `the sitting's id is ${shown(sitting.id)}`);
    if (!takeIds.has(takeId)) refuse(`frames[${i}].takeId`, takeId, 'no take has this id');
  }
}

/** Refuses two records of one value. */
function assertOnce<T>(table: string, records: readonly T[], field: keyof T & string): void {
  const seen = new Set<unknown>();
  for (const [i, record] of records.entries()) {
    if (seen.has(record[field])) refuse(`${table}[${i}].${field}`, record[field], 'it is there twice');
    seen.add(record[field]);
  }
}

type Raw = Record<string, unknown>;

/** Brings a file of an earlier version up to date; what is as it should be stays. */
function upgradeFile({ sitter, ...raw }: Raw): Raw {
  const sitterId = (raw.sitting as Raw | null)?.sitterId as string | undefined;
  const takes = Array.isArray(raw.takes) ? raw.takes.map((t) => upgradeTake(t, () => sitterId)) : raw.takes;
  const whole: Raw = {
    ...raw,
    version: SITTING_VERSION,
    people: [upgradeSitter(sitter)],
    sitting: upgradeSitting(raw.sitting),
    takes: Array.isArray(takes) ? withoutGaps(takes) : takes,
  };
  return { ...whole, lineage: lineageOn(raw, whole) };
}

/** What is known of records of the fifth version holds for them as they are now; before it nothing was known. */
function lineageOn(before: Raw, now: Raw): unknown {
  if (before.lineage === undefined) return {};
  const lineage = { ...(before.lineage as Lineage) };
  const carry = (key: string, was: unknown, is: unknown) => {
    const past = lineage[key];
    if (Array.isArray(past) && was) lineage[key] = carriedOn(past, was, is);
  };
  const idOf = (record: unknown) => String((record as Raw | null)?.id);
  carry(`sittings/${idOf(before.sitting)}`, before.sitting, now.sitting);
  if (Array.isArray(before.takes) && Array.isArray(now.takes))
    before.takes.forEach((was, i) => carry(`takes/${idOf(was)}`, was, (now.takes as unknown[])[i]));
  return lineage;
}

/** Up to the fourth version places could have gaps; two takes in one place stay, and are refused. */
function withoutGaps(takes: unknown[]): unknown[] {
  const placeOf = (take: unknown) => (take as { position?: unknown } | null)?.position;
  const places = takes.map(placeOf);
  if (!places.every((p): p is number => Number.isInteger(p)) || new Set(places).size < places.length)
    return takes;
  const sorted = [...places].sort((a, b) => a - b);
  return takes.map((take) => ({ ...(take as object), position: sorted.indexOf(placeOf(take) as number) }));
}
