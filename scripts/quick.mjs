/**
 * `npm run test:quick`: the core's tests of what was changed since the last commit, or where nothing was, by the last
 * commit itself; a commit can be named instead.
 */
import { spawnSync } from 'node:child_process';
import { bin, installDependencies, ROOT, run } from './prepare.mjs';

installDependencies();
const status = spawnSync('git', ['status', '--porcelain', '--untracked-files=no'], {
  cwd: ROOT,
  encoding: 'utf8',
});
const since = process.argv[2] ?? (status.stdout.trim() === '' ? 'HEAD~1' : 'HEAD');
run(process.execPath, [
  bin('vitest/vitest.mjs'),
  'run',
  '--project',
  'core',
  '--changed',
  since,
  '--passWithNoTests',
]);
