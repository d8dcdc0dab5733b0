import type { Serwist } from '@serwist/window';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { goesOnTaking, takeNewer } from './takeNewer';

const reload = vi.fn();
const unregister = vi.fn();
let waiting: object | null;
let begins: (() => void) | undefined;
const messageSkipWaiting = vi.fn();
const worker = {
  addEventListener: (_: string, listener: () => void) => (begins = listener),
  messageSkipWaiting,
} as unknown as Serwist;

beforeEach(() => {
  vi.useFakeTimers();
  vi.clearAllMocks();
  waiting = {};
  const registration = {
    get waiting() {
      return waiting;
    },
    unregister,
  };
  vi.stubGlobal('navigator', { serviceWorker: { getRegistration: () => Promise.resolve(registration) } });
  vi.stubGlobal('location', { reload });
  const session = new Map<string, string>();
  vi.stubGlobal('sessionStorage', {
    getItem: (key: string) => session.get(key) ?? null,
    setItem: (key: string, value: string) => session.set(key, value),
    removeItem: (key: string) => session.delete(key),
  });
  vi.stubGlobal('fetch', () => Promise.resolve(new Response()));
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('a newer Gilvo that is taken', () => {
  it('is asked to begin, and loads the page when it does', async () => {
    const taken = takeNewer(worker);
    await vi.advanceTimersByTimeAsync(1000);
    expect(messageSkipWaiting).toHaveBeenCalledOnce();
    expect(reload).not.toHaveBeenCalled();
    waiting = null;
    begins!();
    await vi.advanceTimersByTimeAsync(10_000);
    await taken;
    expect(reload).toHaveBeenCalledOnce();
    expect(unregister).not.toHaveBeenCalled();
  });

  it('loads the page at once where it was taken elsewhere', async () => {
    waiting = null;
    await takeNewer(worker);
    expect(reload).toHaveBeenCalledOnce();
    expect(messageSkipWaiting).not.toHaveBeenCalled();
  });

  it('has the older one given up where it does not begin', async () => {
    const taken = takeNewer(worker);
    await vi.advanceTimersByTimeAsync(10_000);
    await taken;
    expect(unregister).toHaveBeenCalledOnce();
    expect(reload).toHaveBeenCalledOnce();
    // the page that is loaded then goes on, once
    expect(goesOnTaking()).toBe(true);
    expect(goesOnTaking()).toBe(false);
  });

  it('that still waits after that is offered again, and nothing is given up twice', async () => {
    const taken = takeNewer(worker, false);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(await taken).toBe(false);
    expect(messageSkipWaiting).toHaveBeenCalledTimes(8);
    expect(unregister).not.toHaveBeenCalled();
    expect(reload).not.toHaveBeenCalled();
    expect(goesOnTaking()).toBe(false);
  });

  it('that begins only when it is asked again is taken', async () => {
    const taken = takeNewer(worker, false);
    await vi.advanceTimersByTimeAsync(12_000);
    waiting = null;
    await vi.advanceTimersByTimeAsync(5000);
    expect(await taken).toBe(true);
    expect(messageSkipWaiting).toHaveBeenCalledTimes(3);
  });

  it('gives nothing up without network', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
    const taken = takeNewer(worker).catch((error: Error) => error.message);
    await vi.advanceTimersByTimeAsync(10_000);
    expect(await taken).toBe('no network');
    expect(unregister).not.toHaveBeenCalled();
    expect(reload).not.toHaveBeenCalled();
  });
});
