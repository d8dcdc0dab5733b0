import type { WebDriver } from 'selenium-webdriver';

/** What a page did while something was dragged. */
export interface Drag {
  /** Pictures that were shown, a second. */
  perSecond: number;
  /** From each picture to the next, milliseconds. */
  gapsMs: number[];
  /** Longest time for which the page's thread did not answer, milliseconds. */
  longestTaskMs: number;
}

/**
 * Drags something to and fro in the page as a hand would, and watches one canvas or more.
 * @param handle CSS of what is dragged.
 * @param canvas CSS of what counts its pictures in `data-pictures`, or its frames in `data-frames`.
 * @param forMs how long it is dragged, milliseconds.
 */
export function dragged(driver: WebDriver, handle: string, canvas: string, forMs: number): Promise<Drag> {
  return driver.executeAsyncScript<Drag>(
    `const [handle, canvas, forMs, done] = arguments;
     const element = document.querySelector(handle);
     const box = element.getBoundingClientRect();
     const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
     const fire = (type, dx, dy, target) =>
       target.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, clientX: x + dx, clientY: y + dy }));
     element.setPointerCapture = () => {};
     const seen = new Map();
     let shownSoFar = 0;
     const shown = () => {
       for (const e of document.querySelectorAll(canvas)) {
         const count = Number(e.dataset.pictures ?? e.dataset.frames ?? 0);
         shownSoFar += Math.max(0, count - (seen.get(e) ?? 0));
         seen.set(e, count);
       }
       return shownSoFar;
     };
     let longestTaskMs = 0;
     const tasks = new PerformanceObserver((list) => {
       for (const { duration } of list.getEntries()) longestTaskMs = Math.max(longestTaskMs, duration);
     });
     tasks.observe({ entryTypes: ['longtask'] });
     fire('pointerdown', 0, 0, element);
     const first = shown();
     let last = first;
     const start = performance.now();
     let lastAt = start;
     const gapsMs = [];
     const move = () => {
       const now = performance.now();
       const count = shown();
       if (count > last) {
         for (let i = last; i < count; i++) gapsMs.push((now - lastAt) / (count - last));
         last = count;
         lastAt = now;
       }
       fire('pointermove', 25 * Math.sin((now - start) / 300), 12 * Math.sin((now - start) / 500), window);
       if (now - start < forMs) return requestAnimationFrame(move);
       fire('pointerup', 0, 0, window);
       tasks.disconnect();
       done({ perSecond: ((last - first) / (now - start)) * 1000, gapsMs, longestTaskMs });
     };
     move();`,
    handle,
    canvas,
    forMs,
  );
}
