/**
 * Follows a pointer that is down until it is lifted, or taken away: by a palm, a system gesture, another window. `end`
 * is called once whatever ended it.
 */
export function followPointer(move: (event: PointerEvent) => void, end: () => void = () => undefined): void {
  const stop = () => {
    removeEventListener('pointermove', move);
    for (const name of ENDS) removeEventListener(name, stop);
    end();
  };
  addEventListener('pointermove', move);
  for (const name of ENDS) addEventListener(name, stop);
}

const ENDS = ['pointerup', 'pointercancel', 'blur'] as const;
