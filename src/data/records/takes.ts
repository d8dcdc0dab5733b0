import { frameSchema, halvesOf, takeSchema, type Frame, type Take } from '@/core/sitting';
import type { GilvoDatabase } from '../store/database';
import { writeChange, type Written } from '../store/writeChange';

/**
 * Stores what was changed of a take since it was read as `base`.
 * @throws ZodError when it is malformed, GoneError when it was removed; nothing is written then.
 */
export function saveTake(db: GilvoDatabase, base: Take, take: Take): Promise<Written<Take>> {
  return writeChange(db.takes, takeSchema, base, take);
}

/** Adds a take after the last one of its sitting. */
export async function addTake(db: GilvoDatabase, take: Omit<Take, 'position'>): Promise<Take> {
  return db.transaction('rw', db.takes, async () => {
    // after the last one, whatever gaps a file left before it
    const last = (await db.takes.where('sittingId').equals(take.sittingId).sortBy('position')).at(-1);
    const position = last ? last.position + 1 : 0;
    const whole = takeSchema.parse({ ...take, position });
    await db.takes.add(whole);
    return whole;
  });
}

/** Gives the takes of a sitting places without gaps, in the order that they have. */
export async function closeGaps(db: GilvoDatabase, sittingId: string): Promise<void> {
  const rest = await db.takes.where('sittingId').equals(sittingId).sortBy('position');
  await db.takes.bulkPut(rest.map((t, position) => ({ ...t, position })));
}

/** Removes a take and its frames, and closes the gap in the run. Returns what was removed, for undo. */
export async function removeTake(
  db: GilvoDatabase,
  takeId: string,
): Promise<{ take: Take; frames: Frame[] } | undefined> {
  return db.transaction('rw', db.takes, db.frames, async () => {
    const take = await db.takes.get(takeId);
    if (!take) return undefined;
    const frames = await db.frames.where('takeId').equals(takeId).toArray();
    await db.frames.where('takeId').equals(takeId).delete();
    await db.takes.delete(takeId);
    await closeGaps(db, take.sittingId);
    return { take, frames };
  });
}

/**
 * Takes a pose of the run in two, one after the other. Returns what it was, and the second half, for undo; undefined
 * where it is gone.
 */
export async function splitTake(
  db: GilvoDatabase,
  takeId: string,
  secondId: string,
): Promise<{ whole: Take; secondId: string } | undefined> {
  return db.transaction('rw', db.takes, async () => {
    const whole = await db.takes.get(takeId);
    if (!whole) return undefined;
    const run = await db.takes.where('sittingId').equals(whole.sittingId).sortBy('position');
    const at = run.findIndex((t) => t.id === takeId);
    run.splice(at, 1, ...halvesOf(whole, secondId).map((half) => takeSchema.parse(half)));
    await db.takes.bulkPut(run.map((t, position) => ({ ...t, position })));
    return { whole, secondId };
  });
}

/** Makes two halves one again: frames of the second are the first's then. */
export async function joinTake(
  db: GilvoDatabase,
  { whole, secondId }: { whole: Take; secondId: string },
): Promise<void> {
  await db.transaction('rw', db.takes, db.frames, async () => {
    const first = await db.takes.get(whole.id);
    if (!first) return;
    const { minutes, plannedFrames } = whole;
    await db.frames.where('takeId').equals(secondId).modify({ takeId: whole.id });
    await db.takes.delete(secondId);
    await db.takes.put({ ...first, minutes, plannedFrames });
    await closeGaps(db, whole.sittingId);
  });
}

/** Puts a removed take back where it was. */
export async function restoreTake(
  db: GilvoDatabase,
  removed: { take: Take; frames: Frame[] },
): Promise<void> {
  await db.transaction('rw', db.takes, db.frames, async () => {
    const rest = await db.takes.where('sittingId').equals(removed.take.sittingId).sortBy('position');
    rest.splice(removed.take.position, 0, removed.take);
    await db.takes.bulkPut(rest.map((t, position) => ({ ...t, position })));
    await db.frames.bulkPut(removed.frames);
  });
}

/**
 * Stores a new order of the run.
 * @throws RangeError when the ids are not exactly those of the sitting's takes.
 */
export async function reorderTakes(
  db: GilvoDatabase,
  sittingId: string,
  order: readonly string[],
): Promise<void> {
  await db.transaction('rw', db.takes, async () => {
    const takes = await db.takes.where('sittingId').equals(sittingId).toArray();
    const byId = new Map(takes.map((t) => [t.id, t]));
    if (
      order.length !== takes.length ||
      new Set(order).size !== takes.length ||
      order.some((id) => !byId.has(id))
    )
      throw new RangeError(
        `order ${order.join(', ')} must name each of the ${takes.length} takes of the sitting once`,
      );
    await db.takes.bulkPut(order.map((id, position) => ({ ...byId.get(id)!, position })));
  });
}

/** What a plan took out of a run. */
export type LeftOut = NonNullable<Awaited<ReturnType<typeof removeTake>>>;

/**
 * Puts a run in a planned order, without what is left out of it. Returns what was left out, for undo.
 * @throws RangeError when the ids are not exactly those of the sitting's takes; nothing is written then.
 */
export async function applyPlan(
  db: GilvoDatabase,
  sittingId: string,
  order: readonly string[],
  leftOutIds: readonly string[],
): Promise<LeftOut[]> {
  return db.transaction('rw', db.takes, db.frames, async () => {
    const leftOut: LeftOut[] = [];
    for (const id of leftOutIds) {
      const gone = await removeTake(db, id);
      if (gone) leftOut.push(gone);
    }
    await reorderTakes(db, sittingId, order);
    return leftOut;
  });
}

/**
 * Takes a plan back: what was left out of the run comes back, and the order is the one from before.
 * @throws RangeError when the ids are not exactly those of the sitting's takes by then; nothing is written then.
 */
export async function takeBackPlan(
  db: GilvoDatabase,
  sittingId: string,
  earlier: readonly string[],
  leftOut: readonly LeftOut[],
): Promise<void> {
  await db.transaction('rw', db.takes, db.frames, async () => {
    for (const gone of leftOut.toReversed()) await restoreTake(db, gone);
    await reorderTakes(db, sittingId, earlier);
  });
}

/** Marks one exposure. */
export async function addFrame(db: GilvoDatabase, frame: Frame): Promise<void> {
  await db.frames.add(frameSchema.parse(frame));
}
