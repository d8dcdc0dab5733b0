/** Calls back when the page is hidden or left: the last moment at which something can be written. */
export function onLeaving(write: () => void): void {
  if (typeof document === 'undefined') return;
  addEventListener('pagehide', write);
  document.addEventListener('visibilitychange', write);
}

/** Calls back in the last moment of a page. */
export function onEnd(act: () => void): void {
  if (typeof document !== 'undefined') addEventListener('pagehide', act);
}
