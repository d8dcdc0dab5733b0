import type { WebDriver } from 'selenium-webdriver';

/**
 * Pictures a second that a canvas shows while something is dragged to and fro in the page, as a hand would.
 * @param handle CSS of what is dragged.
 * @param canvas CSS of a canvas that counts its pictures in `data-pictures`.
 * @param forMs how long it is dragged, milliseconds.
 */
export function picturesPerSecond(
  driver: WebDriver,
  handle: string,
  canvas: string,
  forMs: number,
): Promise<number> {
  return driver.executeAsyncScript<number>(
    `const [handle, canvas, forMs, done] = arguments;
     const element = document.querySelector(handle);
     const box = element.getBoundingClientRect();
     const [x, y] = [box.left + box.width / 2, box.top + box.height / 2];
     const fire = (type, dx, dy, target) =>
       target.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, clientX: x + dx, clientY: y + dy }));
     element.setPointerCapture = () => {};
     const shown = () => Number(document.querySelector(canvas)?.dataset.pictures ?? 0);
     fire('pointerdown', 0, 0, element);
     const before = shown();
     let most = before;
     const start = performance.now();
     const move = () => {
       const t = performance.now() - start;
       most = Math.max(most, shown());
       fire('pointermove', 25 * Math.sin(t / 300), 12 * Math.sin(t / 500), window);
       if (t < forMs) return requestAnimationFrame(move);
       fire('pointerup', 0, 0, window);
       done(((most - before) / t) * 1000);
     };
     move();`,
    handle,
    canvas,
    forMs,
  );
}
