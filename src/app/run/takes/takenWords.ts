import { differenceInMinutes, format } from 'date-fns';
import type { Taken } from '@/core/sitting';

const counted = (count: number, one: string) => `${count} ${count === 1 ? one : `${one}s`}`;

/** What was taken of a pose, beside what was planned. @param plannedMin minutes that were planned for it */
export function takenWords({ frames, keepers, fromAt, untilAt }: Taken, plannedMin: number): string {
  const [from, until] = [new Date(fromAt), new Date(untilAt)];
  const tookMin = Math.max(1, differenceInMinutes(until, from, { roundingMethod: 'ceil' }));
  const when = `${format(from, 'HH:mm')} to ${format(until, 'HH:mm')}`;
  return `Taken: ${counted(frames, 'frame')}, ${counted(keepers, 'keeper')}, ${when}, ${tookMin} of ${plannedMin} min`;
}
