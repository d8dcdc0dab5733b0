import { NextResponse, type NextRequest } from 'next/server';

/** Everything comes from this origin; scripts need the nonce of their page. */
function policy(nonce: string, development: boolean): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' ${development ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

export function proxy(request: NextRequest) {
  const nonce = btoa(crypto.randomUUID());
  const value = policy(nonce, process.env.NODE_ENV === 'development');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('Content-Security-Policy', value);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', value);
  return response;
}

export const config = {
  matcher: [{ source: '/((?!_next/static|_next/image|icon.svg|manifest.webmanifest|serwist).*)' }],
};
