import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { deserialize, serialize } from 'node:v8';
import { surfaceOf, type Body, type BodySurface, type Detail } from '@/core/body';

const ROOT = join(import.meta.dirname, '../..');
const KEPT = join(ROOT, '.cache/surfaces');
/** What surfaces are made of: a change of any of it makes all of them anew. */
const SOURCES = ['src/core/units', 'src/core/body'];

function hashOfSources(): string {
  const hash = createHash('sha1');
  for (const folder of SOURCES.map((f) => join(ROOT, f)))
    for (const path of (readdirSync(folder, { recursive: true }) as string[]).sort())
      if (path.endsWith('.ts') && !path.endsWith('.test.ts')) hash.update(readFileSync(join(folder, path)));
  return hash.digest('hex').slice(0, 16);
}

/** The folder of these sources; those of earlier ones go. */
function openFolder(): string {
  const now = hashOfSources();
  mkdirSync(join(KEPT, now), { recursive: true });
  for (const name of readdirSync(KEPT))
    if (name !== now) rmSync(join(KEPT, name), { recursive: true, force: true });
  return join(KEPT, now);
}

let folder: string | undefined;
const met = new Map<string, BodySurface>();

function onDisk(path: string): BodySurface | undefined {
  try {
    return deserialize(readFileSync(path)) as BodySurface;
  } catch {
    return undefined; // not built yet, or not whole
  }
}

/** Built, and written under another name first: another process may be looking for it. */
function built(path: string, body: Body, detail: Detail): BodySurface {
  const surface = surfaceOf(body, detail);
  writeFileSync(`${path}.${process.pid}`, serialize(surface));
  renameSync(`${path}.${process.pid}`, path);
  return surface;
}

/** The surface of a body, built once for all tests, as long as what makes it stays the same. Not to be written into. */
export function keptSurface(body: Body, detail: Detail): BodySurface {
  const key = createHash('sha1')
    .update(detail + JSON.stringify(body.profile))
    .digest('hex');
  if (!met.has(key)) {
    folder ??= openFolder();
    const path = join(folder, key);
    met.set(key, onDisk(path) ?? built(path, body, detail));
  }
  return met.get(key)!;
}
