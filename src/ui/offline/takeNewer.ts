import type { Serwist } from '@serwist/window';

/** One that was asked to begin has begun by then, or waits for good, milliseconds (measured: it takes one to three). */
const BEGINS_WITHIN_MS = 5000;

async function isWaiting(): Promise<boolean> {
  return Boolean((await navigator.serviceWorker.getRegistration())?.waiting);
}

/**
 * Gives the older one up where the newer does not begin: a browser can wait on for a request that the older one was
 * answering when it was ended. The page that is loaded anew has everything kept again.
 * @throws TypeError when there is no network to load it from; then nothing was given up.
 */
async function giveUpOlder(): Promise<void> {
  await fetch('/serwist/sw.js', { method: 'HEAD', cache: 'no-store' });
  await (await navigator.serviceWorker.getRegistration())?.unregister();
  location.reload();
}

/**
 * Has the newer Gilvo begin, and loads the page anew with it.
 * @throws TypeError when the older one would have to be given up and there is no network.
 */
export async function takeNewer(worker: Serwist): Promise<void> {
  worker.addEventListener('controlling', () => location.reload());
  // where it waits no more it was taken in another tab, or when the last page of the older one was closed
  if (!(await isWaiting())) return location.reload();
  worker.messageSkipWaiting();
  await new Promise((resolve) => setTimeout(resolve, BEGINS_WITHIN_MS));
  if (await isWaiting()) await giveUpOlder();
}
