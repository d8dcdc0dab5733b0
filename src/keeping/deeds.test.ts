import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createDeeds } from './deeds';
import { isUnkept, useUnkept } from './unkept';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  useUnkept.setState({ all: {} });
  vi.useRealTimers();
});

const FULL = new DOMException('no room', 'QuotaExceededError');

/** Deeds on a store that can be made to refuse; what was done, in order. */
function doing() {
  const done: string[] = [];
  let refuses: Error | null = null;
  const deeds = createDeeds();
  const work = (what: string) => () => {
    if (refuses) return Promise.reject(refuses);
    done.push(what);
    return Promise.resolve(what);
  };
  return { ...deeds, done, work, refuse: (error: Error | null) => (refuses = error) };
}
const told = () => useUnkept.getState().all.deeds;

describe('a deed', () => {
  it('is done at once, and heard of when it is on disk', async () => {
    const { doNow, done, work, settled } = doing();
    const heard: string[] = [];
    doNow('frame', work('one'), { done: (what) => heard.push(what) });
    await settled();
    expect([done, heard]).toEqual([['one'], ['one']]);
    expect(told()).toBeUndefined();
  });

  it('that the store refuses is told, kept and tried again, and those after it wait in their order', async () => {
    const { doNow, done, work, refuse } = doing();
    refuse(FULL);
    doNow('frame', work('one'));
    doNow('order', work('two'));
    await vi.advanceTimersByTimeAsync(500);
    expect(told()).toMatchObject({ thing: 'frame', refusal: { kind: 'store', fault: 'full' } });
    expect(isUnkept()).toBe(true);
    refuse(null);
    await vi.advanceTimersByTimeAsync(30_000);
    expect(done).toEqual(['one', 'two']);
    expect(isUnkept()).toBe(false);
  });

  it('is tried at once when somebody says so, and given up when somebody says so', async () => {
    const { doNow, done, work, refuse } = doing();
    refuse(FULL);
    doNow('frame', work('one'));
    await vi.advanceTimersByTimeAsync(10);
    refuse(null);
    told()!.tryNow();
    await vi.advanceTimersByTimeAsync(10);
    expect(done).toEqual(['one']);
    refuse(FULL);
    doNow('frame', work('two'));
    await vi.advanceTimersByTimeAsync(10);
    told()!.letGo();
    refuse(null);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(done).toEqual(['one']);
    expect(told()).toBeUndefined();
  });

  it('is done once, even where what follows it on the page goes wrong', async () => {
    const { doNow, done, work, settled } = doing();
    const wrong = new Error('the page went on');
    doNow('frame', work('one'), {
      done: () => {
        throw wrong;
      },
    });
    await expect(settled()).rejects.toBe(wrong);
    doNow('frame', work('two'));
    await vi.advanceTimersByTimeAsync(60_000);
    expect(done).toEqual(['one', 'two']);
  });

  it('that is given up leaves those behind it', async () => {
    const { doNow, done, work, refuse } = doing();
    refuse(FULL);
    const dropped: string[] = [];
    doNow('frame', work('one'), { dropped: () => dropped.push('one') });
    doNow('order', work('two'));
    doNow('bin', work('three'));
    await vi.advanceTimersByTimeAsync(1_500);
    expect(told()!.waiting).toBe(3);
    told()!.letGo();
    expect(dropped).toEqual(['one']);
    await vi.advanceTimersByTimeAsync(10);
    expect(told()!.thing).toBe('order');
    refuse(null);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(done).toEqual(['two', 'three']);
  });

  it('of a name takes the place of the one that waits', async () => {
    const { doNow, done, work, refuse } = doing();
    refuse(FULL);
    for (const cue of ['1', '2', '3', '4']) doNow('place', work(cue), { name: 'place' });
    await vi.advanceTimersByTimeAsync(10);
    refuse(null);
    await vi.advanceTimersByTimeAsync(5_000);
    expect(done).toEqual(['1', '4']);
  });

  it('that cannot be right is told and given up, and does not hold up the next', async () => {
    const { doNow, done, work } = doing();
    doNow('order', () => Promise.reject(new RangeError('order must name each take once')));
    doNow('frame', work('next'));
    await vi.advanceTimersByTimeAsync(10);
    expect(done).toEqual(['next']);
    expect(vi.getTimerCount()).toBe(0);
  });

  it('that cannot be right stays told until it is understood, and does not ask before the page is closed', async () => {
    const { doNow } = doing();
    doNow('order', () => Promise.reject(new RangeError('order must name each take once')));
    await vi.advanceTimersByTimeAsync(10);
    expect(told()).toMatchObject({ refusal: { why: 'order must name each take once' }, waiting: 0 });
    expect(isUnkept()).toBe(false);
    told()!.letGo();
    expect(told()).toBeUndefined();
  });

  it('that cannot be right is told by the place where the place can say it', async () => {
    const { doNow, settled } = doing();
    const heard: string[] = [];
    doNow('room', () => Promise.reject(new RangeError('too narrow')), { refused: (why) => heard.push(why) });
    await settled();
    expect(heard).toEqual(['too narrow']);
    expect(told()).toBeUndefined();
  });
});
