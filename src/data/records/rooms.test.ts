import { afterEach, describe, expect, it } from 'vitest';
import { NEW_SITTING } from './blank';
import { GilvoDatabase } from '../store/database';
import { dropRoom, keepRoom, keptRooms } from './rooms';

const db = new GilvoDatabase('rooms-test');
afterEach(() => db.rooms.clear());

const { room } = NEW_SITTING;

describe('kept rooms', () => {
  it('are found by name in another sitting', async () => {
    await keepRoom(db, { ...room, name: 'West studio', widthM: 5 });
    await keepRoom(db, { ...room, name: 'Attic' });
    expect((await keptRooms(db)).map((r) => r.name)).toEqual(['Attic', 'West studio']);
  });

  it('give back the one whose name they took', async () => {
    expect(await keepRoom(db, { ...room, depthM: 7.5 })).toBeUndefined();
    expect((await keepRoom(db, { ...room, depthM: 7 }))?.depthM).toBe(7.5);
    expect((await keptRooms(db)).map((r) => r.depthM)).toEqual([7]);
  });

  it('refuse what is not a room and keep what was there', async () => {
    await keepRoom(db, room);
    await expect(keepRoom(db, { ...room, markToBackM: 90 })).rejects.toThrow(/markToBackM/);
    expect(await keptRooms(db)).toEqual([room]);
  });

  it('come back after they were taken away', async () => {
    await keepRoom(db, room);
    const gone = await dropRoom(db, room.name);
    expect(await keptRooms(db)).toEqual([]);
    await keepRoom(db, gone!);
    expect(await keptRooms(db)).toEqual([room]);
  });
});
