/** `npm run demo`: installs what is missing, builds, and serves Gilvo with its demo data. */
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { bin, build, installDependencies, ROOT } from './prepare.mjs';

installDependencies();
build();

/** The wanted port, or the next free one. */
async function freePort(from) {
  for (let port = from; port < from + 50; port++) {
    const free = await new Promise((resolve) => {
      const probe = createServer();
      probe.once('error', () => resolve(false));
      probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
    });
    if (free) return port;
  }
  throw new Error(`no free port from ${from} to ${from + 49}`);
}

const port = await freePort(Number(process.env.PORT ?? 4120));
const server = spawn(
  process.execPath,
  [bin('next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', String(port)],
  {
    cwd: ROOT,
    stdio: ['inherit', 'pipe', 'inherit'],
  },
);
server.stdout.on('data', (data) => {
  if (String(data).includes('Ready'))
    console.log(`\nGilvo is at http://127.0.0.1:${port}\nEnd it with Ctrl C.`);
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
