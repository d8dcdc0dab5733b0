import { castHead, type StandIn } from '@/core/picture';
import { database, keepHead, keptHead } from '@/data';

/** It begins when a page has come to rest, and leaves the worker free in between, milliseconds. */
const BEGINS_AFTER_MS = 3000;
const SLICE_MS = 12;
const REST_MS = 12;

const rest = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Reads what blocks light on a sitter's head from the store; where it was never cast, light casts it as it is asked for. */
export async function takeKeptHead(standIn: StandIn): Promise<void> {
  standIn.headTable = await keptHead(database, standIn.body.profile).catch(() => undefined);
}

/** Casts what blocks light on a sitter's head, bit by bit as long as that sitter is `wanted`, and keeps it. */
export async function castAndKeep(standIn: StandIn, isWanted: () => boolean): Promise<void> {
  if (standIn.headTable) return;
  await rest(BEGINS_AFTER_MS);
  const casting = castHead(standIn);
  while (isWanted()) {
    const until = performance.now() + SLICE_MS;
    let step = casting.next();
    while (!step.done && performance.now() < until) step = casting.next();
    // a store that cannot be used only costs time
    if (step.done) return keepHead(database, standIn.body.profile, step.value).catch(() => undefined);
    await rest(REST_MS);
  }
}
