import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import type { Served } from './server';

async function handOn(req: IncomingMessage, res: ServerResponse, from: string, build: string): Promise<void> {
  const answer = await fetch(new URL(req.url!, from));
  const body = Buffer.from(await answer.arrayBuffer());
  const isServiceWorker = req.url!.startsWith('/serwist/sw.js');
  res.writeHead(answer.status, {
    'content-type': answer.headers.get('content-type') ?? '',
    'service-worker-allowed': answer.headers.get('service-worker-allowed') ?? '/',
  });
  res.end(isServiceWorker ? `${body.toString()}\n// of the ${build} build` : body);
}

/** A newer Gilvo at an address: what a server gives, with another service worker for every build. */
export async function serveNewer(at: string, from: Served, build = 'newer'): Promise<Served> {
  const server = createServer(
    (req, res) => void handOn(req, res, from.origin, build).catch(() => res.destroy()),
  );
  await new Promise<void>((resolve) => server.listen(Number(new URL(at).port), '127.0.0.1', resolve));
  return {
    origin: at,
    stop: () =>
      new Promise((resolve) => {
        server.close(() => resolve());
        server.closeAllConnections();
      }),
  };
}
