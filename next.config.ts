import { withSerwist } from '@serwist/turbopack';
import type { NextConfig } from 'next';

/** What a page of Gilvo never uses, so that nothing that gets into it can. */
const UNUSED = ['camera', 'microphone', 'geolocation', 'payment', 'usb', 'serial', 'hid', 'midi'];

/** Said with every answer, files included. */
const HEADERS = [
  { key: 'X-Content-Type-Options', value: 'nosniff' },
  { key: 'Referrer-Policy', value: 'no-referrer' },
  { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
  { key: 'Permissions-Policy', value: UNUSED.map((name) => `${name}=()`).join(', ') },
];

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  headers: () => Promise.resolve([{ source: '/:path*', headers: HEADERS }]),
  turbopack: { root: import.meta.dirname },
};

export default withSerwist(config);
