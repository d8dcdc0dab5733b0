import { afterEach, describe, expect, it, vi } from 'vitest';
import { alone } from './alone';

/** Locks as a browser has them: who asks for a name waits for everybody who asked for it before. */
function browserLocks(): Pick<LockManager, 'request'> {
  const last = new Map<string, Promise<unknown>>();
  const request = (name: string, act: () => Promise<unknown>) => {
    const mine = (last.get(name) ?? Promise.resolve()).then(act);
    last.set(
      name,
      mine.catch(() => undefined),
    );
    return mine;
  };
  return { request: request as LockManager['request'] };
}

/** Runs two acts of a name each at once. Returns in which order they began and ended. */
async function order(names: readonly [string, string]): Promise<string[]> {
  const told: string[] = [];
  const act = (who: string) => async () => {
    told.push(`${who} begins`);
    await new Promise((resolve) => setTimeout(resolve));
    told.push(`${who} ends`);
    return who;
  };
  const done = await Promise.all([alone(names[0], act('one')), alone(names[1], act('two'))]);
  expect(done).toEqual(['one', 'two']);
  return told;
}

afterEach(() => vi.unstubAllGlobals());

describe('what is done alone', () => {
  it('ends before the same thing begins elsewhere', async () => {
    vi.stubGlobal('navigator', { locks: browserLocks() });
    expect(await order(['body', 'body'])).toEqual(['one begins', 'one ends', 'two begins', 'two ends']);
  });

  it('does not wait for other things', async () => {
    vi.stubGlobal('navigator', { locks: browserLocks() });
    expect((await order(['body', 'head'])).slice(0, 2)).toEqual(['one begins', 'two begins']);
  });

  it('is done where a browser has no locks', async () => {
    vi.stubGlobal('navigator', {});
    expect(await order(['body', 'body'])).toHaveLength(4);
  });
});
