/** Short texts that the browser keeps beside the store and writes at once; where it refuses, there are none. */
export function readMemo(name: string): string | null {
  try {
    return localStorage.getItem(name);
  } catch {
    return null;
  }
}

export function writeMemo(name: string, text: string | null): void {
  try {
    if (text === null) localStorage.removeItem(name);
    else localStorage.setItem(name, text);
  } catch {
    // whoever writes goes on without
  }
}
