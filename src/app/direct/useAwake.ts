import { useEffect } from 'react';

/** Keeps the screen lit while one is on set, where the browser can; it is asked anew when the page comes back. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let isGone = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      // a browser that refuses lets the screen go dark: nothing is lost by that
      const asked = await navigator.wakeLock.request('screen').catch(() => null);
      if (isGone) void asked?.release();
      else lock = asked;
    };
    const onVisible = () => void ask();
    document.addEventListener('visibilitychange', onVisible);
    void ask();
    return () => {
      isGone = true;
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, []);
}
