/** Processor time that some work takes in this process, all threads, milliseconds. */
export function processorMs(work: () => unknown): number {
  const before = process.cpuUsage();
  work();
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1000;
}

/** Elapsed time of some work, milliseconds. */
export function elapsedMs(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

export function median(times: readonly number[]): number {
  return [...times].sort((a, b) => a - b)[times.length >> 1]!;
}

/** Median and 95th percentile of times, in words. */
export function summary(times: readonly number[]): string {
  if (times.length === 0) return 'none';
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return `median ${at(0.5).toFixed(1)} ms, p95 ${at(0.95).toFixed(1)} ms (${times.length} runs)`;
}

export function line(name: string, words: string): void {
  console.log(`${name.padEnd(46)} ${words}`);
}

/** Times of some work on each of many things, after it was done on all of them once. */
export function timed<T>(things: readonly T[], work: (thing: T) => unknown): number[] {
  things.forEach((thing) => work(thing));
  return things.map((thing) => processorMs(() => work(thing)));
}

/** Compares two ways to do the same: how long each takes, and how many times quicker the first is. */
export function against(name: string, quick: () => unknown, plain: () => unknown, runs = 20): void {
  const times = (work: () => unknown) => {
    work();
    return median(Array.from({ length: runs }, () => processorMs(work)));
  };
  const [a, b] = [times(quick), times(plain)];
  line(name, `${a.toFixed(2)} ms against ${b.toFixed(2)} ms: ${(b / a).toFixed(1)} times faster`);
}
