import type { Room } from '@/core/scene';

/** A shed of six by nine metres with the mark in its middle, or as it is said. */
export function roomOf(said: Partial<Room> = {}): Room {
  return {
    name: 'shed',
    widthM: 6,
    depthM: 9,
    markToBackM: 2.4,
    markToLeftM: 3,
    door: { wall: 'right', words: 'door', fromM: 1, toM: 2 },
    ...said,
  };
}
