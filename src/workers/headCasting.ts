import { castHead, type StandIn } from '@/core/picture';
import { database, keepHead, keptHead } from '@/data';

/** It waits until nothing was asked of the worker for so long, and leaves it free in between, milliseconds. */
const QUIET_MS = 3000;
const SLICE_MS = 12;
const REST_MS = 24;

const rest = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

let askedAtMs = 0;
self.addEventListener('message', () => (askedAtMs = performance.now()));

async function untilQuiet(): Promise<void> {
  while (performance.now() - askedAtMs < QUIET_MS) await rest(QUIET_MS);
}

/** Reads what blocks light on a sitter's head from the store; where it was never cast, light casts it as it is asked for. */
export async function takeKeptHead(standIn: StandIn): Promise<void> {
  standIn.headTable = await keptHead(database, standIn.body.profile).catch(() => undefined);
}

/** Casts what blocks light on a sitter's head, bit by bit as long as that sitter is `wanted`, and keeps it. */
export async function castAndKeep(standIn: StandIn, isWanted: () => boolean): Promise<void> {
  if (standIn.headTable) return;
  await untilQuiet();
  const casting = castHead(standIn);
  while (isWanted()) {
    const until = performance.now() + SLICE_MS;
    let step = casting.next();
    while (!step.done && performance.now() < until) step = casting.next();
    // a store that cannot be used only costs time
    if (step.done) return keepHead(database, standIn.body.profile, step.value).catch(() => undefined);
    await rest(REST_MS);
    await untilQuiet();
  }
}
