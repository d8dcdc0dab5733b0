import { spawn, type ChildProcess } from 'node:child_process';
import { createServer } from 'node:net';

/** The production build, served on a free port of this machine. */
export interface Served {
  origin: string;
  stop(): Promise<void>;
}

async function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });
}

/** Starts `next start`, on a free port or the one of an earlier server, and waits until it answers. */
export async function serve(at?: string): Promise<Served> {
  const port = at ? Number(new URL(at).port) : await freePort();
  const child: ChildProcess = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    { env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' }, stdio: ['ignore', 'pipe', 'pipe'] },
  );
  let said = '';
  child.stdout!.on('data', (d) => (said += d));
  child.stderr!.on('data', (d) => (said += d));
  const origin = `http://127.0.0.1:${port}`;
  const giveUp = Date.now() + 60_000;
  for (;;) {
    if (child.exitCode !== null) throw new Error(`the server ended early:\n${said}`);
    const answered = await fetch(origin).then(
      (r) => r.ok,
      () => false,
    );
    if (answered) break;
    if (Date.now() > giveUp) throw new Error(`the server did not answer within 60 s:\n${said}`);
    await new Promise((r) => setTimeout(r, 150));
  }
  return {
    origin,
    stop: () =>
      new Promise((resolve) => {
        child.once('exit', () => resolve());
        // it keeps nothing; asked kindly it may wait a minute for a page to let go of a connection
        child.kill('SIGKILL');
      }),
  };
}
