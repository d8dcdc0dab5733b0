import type { Frame } from './records';

/** What was taken of one pose: how often, what is kept, and from when until when. */
export interface Taken {
  frames: number;
  keepers: number;
  /** The first and the last frame, ISO 8601. */
  fromAt: string;
  untilAt: string;
}

/** What was taken, by take; a pose of which there is no frame is not in it. */
export function takenByTake(frames: readonly Frame[]): Map<string, Taken> {
  const taken = new Map<string, Taken>();
  for (const { takeId, takenAt, keeper } of frames) {
    const so = taken.get(takeId) ?? { frames: 0, keepers: 0, fromAt: takenAt, untilAt: takenAt };
    taken.set(takeId, {
      frames: so.frames + 1,
      keepers: so.keepers + Number(keeper),
      fromAt: takenAt < so.fromAt ? takenAt : so.fromAt,
      untilAt: takenAt > so.untilAt ? takenAt : so.untilAt,
    });
  }
  return taken;
}
