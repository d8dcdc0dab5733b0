/** Keeps what was asked for last. What could not be had is asked for anew the next time. */
export class Newest<T> {
  /** The newest last. */
  private readonly kept = new Map<string, Promise<T>>();

  /**
   * What belongs to a key, made where it is not kept; the oldest go where it is one too many.
   * @param most so many are kept, at least one.
   */
  get(key: string, most: number, make: () => Promise<T>): Promise<T> {
    const found = this.kept.get(key) ?? this.made(key, make);
    this.kept.delete(key);
    this.kept.set(key, found);
    for (const oldest of this.kept.keys()) if (this.kept.size > most) this.kept.delete(oldest);
    return found;
  }

  private made(key: string, make: () => Promise<T>): Promise<T> {
    const making = make();
    making.catch(() => {
      // another may have been asked for meanwhile
      if (this.kept.get(key) === making) this.kept.delete(key);
    });
    return making;
  }
}
