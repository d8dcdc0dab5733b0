import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
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

/** The sources of the core as one short name: what was worked out by other ones is not taken for what these would. */
function coreSources(): string {
  const core = join(import.meta.dirname, 'src/core');
  const hash = createHash('sha1');
  for (const path of (readdirSync(core, { recursive: true }) as string[]).sort())
    if (path.endsWith('.ts') && !path.endsWith('.test.ts')) hash.update(readFileSync(join(core, path)));
  return hash.digest('hex').slice(0, 16);
}

const config: NextConfig = {
  env: { CORE_SOURCES: coreSources() },
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  headers: () => Promise.resolve([{ source: '/:path*', headers: HEADERS }]),
  turbopack: { root: import.meta.dirname },
};

export default withSerwist(config);
