import type { Take } from './records';

/** To half a minute. */
const half = (minutes: number) => Math.ceil(minutes) / 2;

/**
 * A pose of a run in two: each half has half of the minutes and of the frames, and the second comes after the first.
 * What must be had is had once it is in the first; a place that was held is the first one's.
 * @param id of the second half.
 */
export function halvesOf(take: Take, id: string): [first: Take, second: Take] {
  const { minutes, plannedFrames, orderWishes: { mustHave: _, staysPut: __, ...wishes } = {} } = take;
  const first = { ...take, minutes: half(minutes), plannedFrames: Math.ceil(plannedFrames / 2) };
  const second = {
    ...take,
    id,
    position: take.position + 1,
    minutes: minutes - first.minutes,
    plannedFrames: plannedFrames - first.plannedFrames,
    orderWishes: { ...wishes, afterIds: [...(wishes.afterIds ?? []), take.id] },
  };
  return [first, second];
}
