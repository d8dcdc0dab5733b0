import type { MetadataRoute } from 'next';

/** What a device shows of Gilvo when it is installed. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Gilvo',
    short_name: 'Gilvo',
    description: 'Try the picture before the client arrives, and direct it when they do.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#f7f2e6',
    theme_color: '#f7f2e6',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  };
}
