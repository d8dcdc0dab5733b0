/// <reference lib="webworker" />
import { Serwist, type PrecacheEntry, type SerwistGlobalConfig, type SerwistPlugin } from 'serwist';

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
  }
}
declare const self: ServiceWorkerGlobalScope;

/**
 * A worker's script tells by the parameters of its address what it is; a kept answer brings its own address along,
 * without them. An answer made anew has none.
 */
const withoutAddress: SerwistPlugin = {
  cachedResponseWillBeUsed: ({ cachedResponse, event }) => {
    const asked = (event as FetchEvent).request as Request | undefined;
    if (!cachedResponse || !asked?.destination.endsWith('worker')) return Promise.resolve(cachedResponse);
    const { body, status, statusText, headers } = cachedResponse;
    return Promise.resolve(new Response(body, { status, statusText, headers }));
  },
};

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST ?? [],
  precacheOptions: {
    // a page is one file whatever sitting it opens; what the router asks for within a page is another thing
    ignoreURLParametersMatching: [/^(?!_rsc$)/],
    plugins: [withoutAddress],
    cleanupOutdatedCaches: true,
  },
  // a newer Gilvo waits until somebody says so
  skipWaiting: false,
  clientsClaim: true,
});
serwist.addEventListeners();
