import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { merge } from '@/core/changes';
import { takeSchema, type Take } from '@/core/sitting';
import { GoneError, type Written } from '@/data';
import { demoTakes } from '@/data/demo/demo';
import { createKeeper } from './keeper';
import { isUnkept, useUnkept } from './unkept';

const [FIRST, SECOND] = demoTakes() as [Take, Take];

/** A store of takes that can be made to refuse. */
function store() {
  const takes = new Map([FIRST, SECOND].map((t) => [t.id, t]));
  const writes: Take[] = [];
  let refuses: Error | null = null;
  let only = '';
  const write = (base: Take, take: Take): Promise<Written<Take>> => {
    if (refuses && (only === '' || only === take.id)) return Promise.reject(refuses);
    const { value, conflicts } = merge(base, take, takes.get(take.id)!);
    takes.set(take.id, value);
    writes.push(value);
    return Promise.resolve({ record: value, conflicts });
  };
  const failFor = (takeId: string, error: Error | null) => {
    only = takeId;
    refuses = error;
  };
  return { takes, writes, write, failFor, refuse: (error: Error | null) => failFor('', error) };
}

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

function kept() {
  const on = store();
  const written: [Take, Take][] = [];
  const keeper = createKeeper<Take>({
    thing: 'pose',
    write: on.write,
    onWritten: (sent, record) => written.push([sent, record]),
  });
  return { ...on, written, keeper, state: () => keeper.useKeeping.getState().state };
}

describe('edits of a take', () => {
  it('are written together within half a second, and said to be saved only then', async () => {
    const { keeper, writes, state } = kept();
    keeper.edited(FIRST, { ...FIRST, minutes: 5 });
    keeper.edited(FIRST, { ...FIRST, minutes: 6 });
    expect(state().kind).toBe('saving');
    await vi.advanceTimersByTimeAsync(500);
    expect(writes.map((t) => t.minutes)).toEqual([6]);
    expect(state().kind).toBe('saved');
    expect(keeper.unsaved(FIRST.id)).toBeUndefined();
  });

  it('that the store refuses are kept, told and tried again until they are there', async () => {
    const { keeper, writes, refuse, state } = kept();
    refuse(new DOMException('no room', 'QuotaExceededError'));
    keeper.edited(FIRST, { ...FIRST, minutes: 5 });
    await vi.advanceTimersByTimeAsync(5_000);
    expect(state()).toEqual({ kind: 'failed', refusal: { kind: 'store', fault: 'full' } });
    expect(useUnkept.getState().all.pose?.thing).toBe('pose');
    expect(isUnkept()).toBe(true);
    expect(keeper.unsaved(FIRST.id)!.edited.minutes).toBe(5);
    // another edit does not hide that nothing was saved
    keeper.edited(FIRST, { ...FIRST, minutes: 7 });
    expect(state().kind).toBe('failed');
    refuse(null);
    await vi.advanceTimersByTimeAsync(30_000);
    expect(writes.at(-1)!.minutes).toBe(7);
    expect(state().kind).toBe('saved');
    expect(isUnkept()).toBe(false);
  });

  it('of two takes are both written, whichever is open', async () => {
    const { keeper, takes } = kept();
    keeper.edited(FIRST, { ...FIRST, minutes: 5 });
    keeper.edited(SECOND, { ...SECOND, minutes: 9 });
    await keeper.flush();
    expect([takes.get(FIRST.id)!.minutes, takes.get(SECOND.id)!.minutes]).toEqual([5, 9]);
  });

  it('that are malformed are told, and do not hold up those of another take', async () => {
    const { keeper, takes, state, failFor } = kept();
    failFor(FIRST.id, takeSchema.safeParse({ ...FIRST, minutes: -1 }).error!);
    keeper.edited(FIRST, { ...FIRST, minutes: -1 });
    keeper.edited(SECOND, { ...SECOND, minutes: 9 });
    await keeper.flush();
    expect(takes.get(SECOND.id)!.minutes).toBe(9);
    const why = expect.stringContaining('minutes is -1') as string;
    expect(state()).toMatchObject({ kind: 'failed', refusal: { kind: 'said', why } });
    expect(vi.getTimerCount()).toBe(0);
    failFor('', null);
    keeper.edited(FIRST, { ...FIRST, minutes: 3 });
    await keeper.flush();
    expect(state().kind).toBe('saved');
  });

  it('bring along what others have written, and tell what both have changed', async () => {
    const { keeper, takes, written } = kept();
    takes.set(FIRST.id, { ...FIRST, minutes: 8, plannedFrames: 40 });
    keeper.edited(FIRST, { ...FIRST, minutes: 5 });
    await keeper.flush();
    expect(written[0]![1]).toMatchObject({ minutes: 5, plannedFrames: 40 });
    expect(keeper.useKeeping.getState().conflicts).toEqual({
      id: FIRST.id,
      of: [{ path: ['minutes'], mine: 5, theirs: 8 }],
    });
    keeper.settle();
    expect(keeper.useKeeping.getState().conflicts).toBeNull();
  });

  it('of a take that was removed are told and not tried for ever', async () => {
    const { keeper, refuse, state } = kept();
    refuse(new GoneError('it was removed elsewhere meanwhile'));
    keeper.edited(FIRST, { ...FIRST, minutes: 5 });
    await vi.advanceTimersByTimeAsync(5_000);
    const why = 'it was removed elsewhere meanwhile';
    expect(state()).toEqual({ kind: 'failed', refusal: { kind: 'said', why } });
    expect(keeper.unsaved(FIRST.id)).toBeUndefined();
    expect(vi.getTimerCount()).toBe(0);
  });
});

it('an edit that is given up is written no more', async () => {
  const { keeper, writes, written, refuse, state } = kept();
  refuse(new DOMException('no room', 'QuotaExceededError'));
  keeper.edited(FIRST, { ...FIRST, minutes: 5 });
  await vi.advanceTimersByTimeAsync(500);
  useUnkept.getState().all.pose!.letGo();
  // the page is to show what stands in the store
  expect(written).toEqual([[{ ...FIRST, minutes: 5 }, FIRST]]);
  refuse(null);
  await vi.advanceTimersByTimeAsync(60_000);
  expect(writes).toEqual([]);
  expect(state().kind).toBe('saved');
  expect(isUnkept()).toBe(false);
});

describe('a page that is left', () => {
  const stored = new Map<string, string>();
  const listeners: (() => void)[] = [];
  beforeEach(() => {
    stored.clear();
    listeners.length = 0;
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => stored.get(key) ?? null,
      setItem: (key: string, text: string) => stored.set(key, text),
      removeItem: (key: string) => stored.delete(key),
    });
    vi.stubGlobal('document', { addEventListener: () => undefined });
    vi.stubGlobal('addEventListener', (name: string, act: () => void) => {
      if (name === 'pagehide') listeners.push(act);
    });
  });
  afterEach(() => vi.unstubAllGlobals());

  it('hands an edit that is not on disk to the next one, which writes it as what was changed', async () => {
    const first = kept();
    first.refuse(new DOMException('no room', 'QuotaExceededError'));
    first.keeper.edited(FIRST, { ...FIRST, minutes: 5 });
    for (const act of listeners) act();
    const next = kept();
    next.takes.set(FIRST.id, { ...FIRST, plannedFrames: 40 });
    await vi.advanceTimersByTimeAsync(500);
    expect(next.takes.get(FIRST.id)).toMatchObject({ minutes: 5, plannedFrames: 40 });
    expect(stored.size).toBe(0);
  });

  it('hands on nothing that is on disk', async () => {
    const { keeper } = kept();
    keeper.edited(FIRST, { ...FIRST, minutes: 5 });
    await vi.advanceTimersByTimeAsync(500);
    for (const act of listeners) act();
    expect(stored.size).toBe(0);
  });
});
