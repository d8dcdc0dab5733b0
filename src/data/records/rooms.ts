import { roomSchema, type Room } from '@/core/scene';
import type { GilvoDatabase } from '../store/database';
import { sound } from '../store/sound';

/** Rooms that were kept for other sittings, by name. */
export async function keptRooms(db: GilvoDatabase): Promise<Room[]> {
  return sound(db, 'rooms', await db.rooms.orderBy('name').toArray());
}

/**
 * Keeps a room under its name, in place of one that has the same.
 * @returns the room that it took the place of.
 * @throws ZodError naming field, value and range; nothing is written then.
 */
export async function keepRoom(db: GilvoDatabase, said: Room): Promise<Room | undefined> {
  const room = roomSchema.parse(said);
  return db.transaction('rw', db.rooms, async () => {
    const before = await db.rooms.get(room.name);
    await db.rooms.put(room);
    return before;
  });
}

/** Takes a kept room away and hands it back, so that it can be put back. */
export async function dropRoom(db: GilvoDatabase, name: string): Promise<Room | undefined> {
  return db.transaction('rw', db.rooms, async () => {
    const kept = await db.rooms.get(name);
    await db.rooms.delete(name);
    return kept;
  });
}
