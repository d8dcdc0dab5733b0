import type { Serwist } from '@serwist/window';

/** One that was asked to begin has begun by then, or waits for good, milliseconds (measured: it takes one to three). */
const BEGINS_WITHIN_MS = 5000;
/** A page that was loaded anew to go on asks so often: on a busy machine other pages keep the older one at work. */
const ASKS_AGAIN = 8;

/** Set in this tab's session while the page is loaded anew to go on taking the newer one. */
const GOES_ON = 'gilvo.taking';

/** Whether this page was loaded to go on taking a newer Gilvo; asked once. */
export function goesOnTaking(): boolean {
  const goesOn = sessionStorage.getItem(GOES_ON) !== null;
  sessionStorage.removeItem(GOES_ON);
  return goesOn;
}

async function isWaiting(): Promise<boolean> {
  return Boolean((await navigator.serviceWorker.getRegistration())?.waiting);
}

/**
 * Gives the older one up where the newer does not begin: a browser can wait on for a request that the older one was
 * answering when it was ended. The page that is loaded anew has everything kept again. While another tab is open the
 * older one stays, but what it was answering for this page has ended: the page asks the newer one once more.
 * @throws TypeError when there is no network to load it from; then nothing was given up.
 */
async function giveUpOlder(): Promise<void> {
  await fetch('/serwist/sw.js', { method: 'HEAD', cache: 'no-store' });
  sessionStorage.setItem(GOES_ON, 'yes');
  await (await navigator.serviceWorker.getRegistration())?.unregister();
  location.reload();
}

/**
 * Has the newer Gilvo begin, and loads the page anew with it.
 * @param mayGiveUp whether the older one is given up where the newer does not begin: not twice by itself.
 * @returns false where the newer one still waits.
 * @throws TypeError when the older one would have to be given up and there is no network.
 */
export async function takeNewer(worker: Serwist, mayGiveUp = true): Promise<boolean> {
  worker.addEventListener('controlling', () => location.reload());
  // where it waits no more it was taken in another tab, or when the last page of the older one was closed
  if (!(await isWaiting())) {
    location.reload();
    return true;
  }
  for (let asked = 0; asked < (mayGiveUp ? 1 : ASKS_AGAIN); asked++) {
    worker.messageSkipWaiting();
    await new Promise((resolve) => setTimeout(resolve, BEGINS_WITHIN_MS));
    if (!(await isWaiting())) return true;
  }
  if (mayGiveUp) await giveUpOlder();
  return mayGiveUp;
}
