import { cut } from '../checks';

/** Levels of lists and objects within each other that a file may have; a sitting has eleven. */
const DEEPEST = 40;

/** A text that cannot be read as a file of Gilvo's: one sentence. */
export class FileError extends Error {
  override name = 'FileError';
}

/** Whether a file is too large to be read at all; said before it is. */
export function assertSize(name: string, sizeBytes: number, mostBytes: number): void {
  const inMb = (bytes: number) => (bytes / 1e6).toFixed(1);
  if (sizeBytes > mostBytes)
    throw new FileError(
      `${cut(name, 80)} has ${inMb(sizeBytes)} MB; files of up to ${inMb(mostBytes)} MB are read`,
    );
}

/** How deep lists and objects stand within each other, as far as that matters. */
function depthOf(text: string): number {
  let depth = 0;
  let deepest = 0;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    if (c === QUOTE) i = endOfString(text, i);
    else if (c === BRACE || c === BRACKET) deepest = Math.max(deepest, ++depth);
    else if (c === BRACE_END || c === BRACKET_END) depth--;
  }
  return deepest;
}
const [QUOTE, BACKSLASH, BRACKET, BRACKET_END, BRACE, BRACE_END] = [0x22, 0x5c, 0x5b, 0x5d, 0x7b, 0x7d];

function endOfString(text: string, start: number): number {
  let i = start + 1;
  for (; i < text.length && text.charCodeAt(i) !== QUOTE; i++) if (text.charCodeAt(i) === BACKSLASH) i++;
  return i;
}

/**
 * Reads JSON text that somebody gives us.
 * @throws FileError when it is none, or nested deeper than anything that Gilvo writes.
 */
export function readJson(text: string): unknown {
  if (depthOf(text) > DEEPEST)
    throw new FileError(`The file nests lists and objects ${depthOf(text)} deep; ${DEEPEST} levels are read`);
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    const where = /position (\d+)/.exec((error as Error).message)?.[1];
    throw new FileError(
      text.trim() === ''
        ? 'The file is not JSON: it is empty'
        : `The file is not JSON: ${where ? `it breaks off or goes wrong at letter ${where}` : 'it breaks off or goes wrong'}`,
    );
  }
}
