import { FileError } from './readJson';

/** How a locked file was locked, kept in the file itself so that it can be opened years later. */
export interface LockParameters {
  kdf: 'PBKDF2-SHA-256';
  iterations: number;
  saltBase64: string;
  cipher: 'AES-256-GCM';
}

/** Rounds of the key's derivation. Source: OWASP Password Storage Cheat Sheet, PBKDF2-HMAC-SHA256 (600,000). */
const ITERATIONS = 600_000;
/** Rounds beyond which a file is not opened: it would keep the browser busy for minutes. */
const MOST_ITERATIONS = 10_000_000;
/** Bytes of salt and of the counter that begins each block. Source: NIST SP 800-132 and SP 800-38D. */
const SALT_BYTES = 16;
const IV_BYTES = 12;

type Bytes = Uint8Array<ArrayBuffer>;

function toBase64(bytes: Bytes): string {
  let text = '';
  // in pieces: a call has room for so many values only
  for (let i = 0; i < bytes.length; i += 0x8000)
    text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(text);
}

function fromBase64(text: string): Bytes {
  return Uint8Array.from(atob(text), (c) => c.charCodeAt(0));
}

/** Parameters for a new file. */
export function newLock(): LockParameters {
  const saltBase64 = toBase64(crypto.getRandomValues(new Uint8Array(SALT_BYTES)));
  return { kdf: 'PBKDF2-SHA-256', iterations: ITERATIONS, saltBase64, cipher: 'AES-256-GCM' };
}

/** Locks and opens the blocks of one file. */
export interface Lock {
  /** A block as base64: the counter, then what is locked. */
  close(text: string, block: number): Promise<string>;
  /** @throws DOMException where the block was changed, or the passphrase is another. */
  open(base64: string, block: number): Promise<string>;
}

/**
 * Derives the key of a file from its passphrase.
 * @throws FileError when the parameters are not such as Gilvo writes.
 */
export async function lockOf(passphrase: string, parameters: LockParameters): Promise<Lock> {
  const { iterations, saltBase64 } = parameters;
  if (iterations > MOST_ITERATIONS)
    throw new FileError(`locked.iterations is ${iterations}; up to ${MOST_ITERATIONS} are opened`);
  const secret = new TextEncoder().encode(passphrase.normalize('NFC'));
  const base = await crypto.subtle.importKey('raw', secret, 'PBKDF2', false, ['deriveKey']);
  const key = await crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt: fromBase64(saltBase64), iterations },
    base,
    { name: 'AES-GCM', length: 256 },
    false,
    ['encrypt', 'decrypt'],
  );
  // the number of the block is locked along with it, so that blocks cannot change places
  const how = (iv: Bytes, block: number) => ({
    name: 'AES-GCM',
    iv,
    additionalData: new TextEncoder().encode(`block ${block}`),
  });
  return {
    async close(text, block) {
      const iv = crypto.getRandomValues(new Uint8Array(IV_BYTES));
      const locked = await crypto.subtle.encrypt(how(iv, block), key, new TextEncoder().encode(text));
      const both = new Uint8Array(IV_BYTES + locked.byteLength);
      both.set(iv);
      both.set(new Uint8Array(locked), IV_BYTES);
      return toBase64(both);
    },
    async open(base64, block) {
      const bytes = fromBase64(base64);
      const text = await crypto.subtle.decrypt(
        how(bytes.slice(0, IV_BYTES), block),
        key,
        bytes.subarray(IV_BYTES),
      );
      return new TextDecoder().decode(text);
    },
  };
}
