/** Compiles the hot loops of the measuring picture to WebAssembly where their sources are newer than what is compiled. */
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(import.meta.dirname, '..');
const SOURCES = join(ROOT, 'kernel');
const COMPILED = join(ROOT, '.cache', 'kernel.wasm');
/** The same bytes for worker and Node, as text: neither has to fetch them. */
const BYTES = join(ROOT, 'src/core/kernel/bytes.ts');
const OPTIONS = ['--optimizeLevel', '3', '--shrinkLevel', '0', '--runtime', 'stub', '--noAssert'];
const FEATURES = ['--enable', 'simd', '--use', 'abort='];

function isFresh() {
  if (!existsSync(BYTES)) return false;
  const made = statSync(BYTES).mtimeMs;
  return readdirSync(SOURCES).every((file) => statSync(join(SOURCES, file)).mtimeMs < made);
}

/** @throws Error with what the compiler says. */
export async function buildKernel() {
  if (isFresh()) return;
  const { main } = await import('assemblyscript/asc');
  mkdirSync(join(ROOT, '.cache'), { recursive: true });
  const { error, stderr } = await main(
    [join('kernel', 'index.ts'), '--baseDir', ROOT, '--outFile', COMPILED, ...OPTIONS, ...FEATURES],
    {},
  );
  if (error) throw new Error(`the kernel does not compile: ${stderr.toString()}`);
  const base64 = readFileSync(COMPILED).toString('base64');
  writeFileSync(
    BYTES,
    `// compiled from kernel/ by scripts/kernel.mjs\nexport const KERNEL_BASE64 =\n  '${base64}';\n`,
  );
}

if (process.argv[1] === import.meta.filename) await buildKernel();
