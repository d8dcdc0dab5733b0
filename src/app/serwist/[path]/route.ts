import { createSerwistRoute } from '@serwist/turbopack';

/** Every place, to be had without network. */
const PAGES = [
  '/',
  '/new',
  '/people',
  '/library',
  '/brief',
  '/sheet',
  '/set',
  '/pose',
  '/run',
  '/direct',
  '/rules',
];

/** Each build is a new Gilvo. */
const revision = crypto.randomUUID();

/** The service worker with the list of all files of this build. */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/offline/sw.ts',
  additionalPrecacheEntries: [...PAGES, '/icon.svg', '/manifest.webmanifest'].map((url) => ({
    url,
    revision,
  })),
  maximumFileSizeToCacheInBytes: 8_000_000,
  useNativeEsbuild: true,
  esbuildOptions: { sourcemap: false },
});
