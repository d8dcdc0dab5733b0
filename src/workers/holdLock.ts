/** Holds a lock as long as this worker lives, so that the page learns when it is gone. False where it cannot be had. */
export function holdLock(name: string): Promise<boolean> {
  return new Promise((resolve) => {
    void navigator.locks.request(name, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock && new Promise(() => undefined);
    });
  });
}

/** What a worker that is watched answers besides its own. */
export interface LockHolder {
  holdLock: typeof holdLock;
}
