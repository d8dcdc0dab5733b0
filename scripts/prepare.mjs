/** Shared by the commands that must work on a fresh clone: no dependency may be imported here. */
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

export const ROOT = join(import.meta.dirname, '..');
process.env.NEXT_TELEMETRY_DISABLED = '1';

/** Runs a command in the project's folder; ends this process when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (result.status !== 0) process.exit(result.status ?? 1);
}

/** A program that a package brings. */
export function bin(path) {
  return join(ROOT, 'node_modules', path);
}

/** Installs the locked dependencies where they are absent or the lock has changed since. */
export function installDependencies() {
  const lock = readFileSync(join(ROOT, 'package-lock.json'), 'utf8');
  const stamp = join(ROOT, 'node_modules', '.gilvo-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  // `npm ci` refuses this lock because optional packages of other platforms are not in every registry
  run('npm', ['install', '--no-audit', '--no-fund', '--no-save', '--ignore-scripts', '--loglevel=error']);
  writeFileSync(stamp, lock);
}

/** Newest change below a folder or of a file, milliseconds. */
function newest(...paths) {
  const found = spawnSync('find', [...paths.map((p) => join(ROOT, p)), '-type', 'f', '-printf', '%T@\n'], {
    encoding: 'utf8',
  });
  return Math.max(0, ...found.stdout.split('\n').map(Number).filter(Number.isFinite)) * 1000;
}

/** Compiles what is compiled to WebAssembly: types, tests and build all need it. */
export function compile() {
  run(process.execPath, [join(ROOT, 'scripts/kernel.mjs')]);
}

/** Builds the application where there is no build newer than the sources. */
export function build() {
  compile();
  const id = join(ROOT, '.next', 'BUILD_ID');
  const sources = newest('src', 'package.json', 'next.config.ts', 'postcss.config.mjs', 'tsconfig.json');
  if (existsSync(id) && statSync(id).mtimeMs > sources) return;
  run(process.execPath, [bin('next/dist/bin/next'), 'build']);
}

/** Makes sure that Debian's Chromium and ChromeDriver are there; says what to install where it may not. */
export function installBrowser() {
  if (existsSync('/usr/bin/chromium') && existsSync('/usr/bin/chromedriver')) return;
  if (process.getuid?.() === 0) {
    run('apt-get', ['update', '-qq']);
    run('apt-get', ['install', '-y', '-qq', 'chromium', 'chromium-driver']);
    return;
  }
  console.error('The browser tests need Debian’s packages: sudo apt-get install chromium chromium-driver');
  process.exit(1);
}
