/** `npm run check`: types, lint, format, import directions, unused code. */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, compile, installDependencies, ROOT } from './prepare.mjs';

installDependencies();
compile();
// next writes its ambient types at build time; the type check must not depend on a build
const ambient = join(ROOT, 'next-env.d.ts');
if (!existsSync(ambient)) writeFileSync(ambient, '/// <reference types="next" />\n');
mkdirSync(join(ROOT, '.cache'), { recursive: true });

const CHECKS = [
  [
    'types',
    'typescript/bin/tsc',
    ['--noEmit', '--incremental', '--tsBuildInfoFile', '.cache/types.tsbuildinfo'],
  ],
  ['lint', 'eslint/bin/eslint.js', ['.', '--max-warnings=0', '--cache', '--cache-location', '.cache/eslint']],
  ['format', 'prettier/bin/prettier.cjs', ['--check', '--log-level=warn', '.']],
  [
    'import directions',
    'dependency-cruiser/bin/dependency-cruise.mjs',
    ['src', '--config', '.dependency-cruiser.cjs', '--output-type', 'err'],
  ],
  ['unused code', 'knip/bin/knip.js', []],
];

let failed = 0;
for (const [name, path, args] of CHECKS) {
  const start = Date.now();
  const result = spawnSync(process.execPath, [bin(path), ...args], { cwd: ROOT, encoding: 'utf8' });
  const seconds = ((Date.now() - start) / 1000).toFixed(1);
  if (result.status === 0) console.log(`✓ ${name} (${seconds} s)`);
  else {
    failed++;
    console.log(`✗ ${name} (${seconds} s)\n${result.stdout}${result.stderr}`);
  }
}
console.log(`check: ${CHECKS.length - failed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
