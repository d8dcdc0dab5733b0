/** Does something that no other worker of this browser does meanwhile; where that cannot be had, it is done anyway. */
export async function alone<T>(name: string, act: () => Promise<T>): Promise<T> {
  const locks = navigator.locks as LockManager | undefined;
  return locks ? locks.request(name, act) : act();
}
