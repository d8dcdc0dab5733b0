/** `npm test`: check, unit and reference tests, then the production build in a real browser; ends with one line of counts. */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join, relative } from 'node:path';
import { bin, build, installBrowser, installDependencies, ROOT } from './prepare.mjs';

installDependencies();
installBrowser();
mkdirSync(join(ROOT, '.cache'), { recursive: true });

let passed = 0;
let failed = 0;
/** Seconds of every file of tests. */
const files = [];

const check = spawnSync(process.execPath, [join(ROOT, 'scripts/check.mjs')], { cwd: ROOT, encoding: 'utf8' });
process.stdout.write(check.stdout);
const counts = /check: (\d+) passed, (\d+) failed/.exec(check.stdout);
passed += Number(counts?.[1] ?? 0);
failed += counts ? Number(counts[2]) : 1;

/** Runs one project of the test runner and adds its counts; a run that leaves no report counts as a failure. */
function vitest(project) {
  const report = join(ROOT, '.cache', `${project}.json`);
  rmSync(report, { force: true });
  const result = spawnSync(
    process.execPath,
    [
      bin('vitest/vitest.mjs'),
      'run',
      '--project',
      project,
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${report}`,
    ],
    { cwd: ROOT, stdio: 'inherit' },
  );
  if (!existsSync(report)) {
    failed++;
    return;
  }
  const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = JSON.parse(
    readFileSync(report, 'utf8'),
  );
  for (const { name, startTime, endTime } of testResults)
    files.push({ path: relative(ROOT, name), seconds: (endTime - startTime) / 1000 });
  passed += numPassedTests;
  failed += numFailedTests;
  // a file that could not even be read has a failed suite and no test
  if (result.status !== 0 && numFailedTests === 0) failed += Math.max(1, numFailedTestSuites);
}

vitest('core');
build();
vitest('e2e');

console.log('The ten slowest files:');
for (const { path, seconds } of files.sort((a, b) => b.seconds - a.seconds).slice(0, 10))
  console.log(`${seconds.toFixed(1).padStart(8)} s  ${path}`);
const minutes = process.uptime() / 60;
console.log(`${minutes.toFixed(1)} minutes`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed ? 1 : 0);
