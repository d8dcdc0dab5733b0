/** What a frame tells of itself. */
export interface FrameFacts {
  description: string;
  takenAt: Date;
  focalLengthMm: number;
  focalLengthIn35mm: number;
  apertureF: number;
  shutterS: number;
  iso: number;
  subjectDistanceM: number;
}

/** Field types of the TIFF directory (EXIF 2.32, from memory): text, whole number, fraction, plain bytes. */
const TYPES = { ascii: 2, short: 3, long: 4, rational: 5, undefined: 7 } as const;

interface Field {
  tag: number;
  type: keyof typeof TYPES;
  count: number;
  bytes: Uint8Array;
}

function ascii(tag: number, text: string): Field {
  // EXIF text is seven bits: what it cannot carry is left out
  const plain = text.normalize('NFKD').replace(/[^\x20-\x7e]/g, '');
  const bytes = Uint8Array.from([...plain, '\0'].map((c) => c.charCodeAt(0)));
  return { tag, type: 'ascii', count: bytes.length, bytes };
}

function short(tag: number, value: number): Field {
  return { tag, type: 'short', count: 1, bytes: Uint8Array.from([(value >> 8) & 255, value & 255]) };
}

function long(tag: number, value: number): Field {
  const bytes = new Uint8Array(4);
  new DataView(bytes.buffer).setUint32(0, value);
  return { tag, type: 'long', count: 1, bytes };
}

function rational(tag: number, over: number, under: number): Field {
  const bytes = new Uint8Array(8);
  const view = new DataView(bytes.buffer);
  view.setUint32(0, Math.round(over));
  view.setUint32(4, Math.round(under));
  return { tag, type: 'rational', count: 1, bytes };
}

const ENTRY_BYTES = 12;

function directoryBytes(fields: readonly Field[]): number {
  const far = fields.reduce(
    (sum, f) => sum + (f.bytes.length > 4 ? f.bytes.length + (f.bytes.length & 1) : 0),
    0,
  );
  return 2 + fields.length * ENTRY_BYTES + 4 + far;
}

/** Writes a directory whose fields stand in the order of their tags; what is longer than four bytes follows it. */
function writeDirectory(out: DataView, at: number, fields: readonly Field[]): void {
  out.setUint16(at, fields.length);
  let far = at + 2 + fields.length * ENTRY_BYTES + 4;
  fields.forEach(({ tag, type, count, bytes }, i) => {
    const entry = at + 2 + i * ENTRY_BYTES;
    out.setUint16(entry, tag);
    out.setUint16(entry + 2, TYPES[type]);
    out.setUint32(entry + 4, count);
    const isFar = bytes.length > 4;
    if (isFar) out.setUint32(entry + 8, far);
    bytes.forEach((b, k) => out.setUint8((isFar ? far : entry + 8) + k, b));
    if (isFar) far += bytes.length + (bytes.length & 1);
  });
  out.setUint32(at + 2 + fields.length * ENTRY_BYTES, 0);
}

const two = (n: number) => String(n).padStart(2, '0');

/** Date and time as EXIF writes them, in the place's own time. */
function stamp(d: Date): string {
  const day = `${d.getFullYear()}:${two(d.getMonth() + 1)}:${two(d.getDate())}`;
  return `${day} ${two(d.getHours())}:${two(d.getMinutes())}:${two(d.getSeconds())}`;
}

/** The fraction of a shutter time: one over a whole number where it is short. */
function shutterFraction(seconds: number): [number, number] {
  return seconds < 1 ? [10, Math.round(10 / seconds)] : [Math.round(seconds * 10), 10];
}

const HEADER_BYTES = 8;

/** The EXIF segment of a frame, with its marker (EXIF 2.32: APP1, big-endian TIFF). */
function exifSegment(facts: FrameFacts): Uint8Array {
  const exif: Field[] = [
    rational(0x829a, ...shutterFraction(facts.shutterS)),
    rational(0x829d, facts.apertureF * 100, 100),
    short(0x8827, Math.min(65535, Math.round(facts.iso))),
    { tag: 0x9000, type: 'undefined', count: 4, bytes: Uint8Array.from([48, 50, 51, 50]) },
    ascii(0x9003, stamp(facts.takenAt)),
    rational(0x9206, facts.subjectDistanceM * 100, 100),
    rational(0x920a, facts.focalLengthMm * 10, 10),
    short(0xa405, Math.round(facts.focalLengthIn35mm)),
  ];
  const first = (pointer: number): Field[] => [
    ascii(0x010e, facts.description),
    ascii(0x0131, 'Gilvo'),
    ascii(0x0132, stamp(facts.takenAt)),
    long(0x8769, pointer),
  ];
  const firstBytes = directoryBytes(first(0));
  const tiffBytes = HEADER_BYTES + firstBytes + directoryBytes(exif);
  const out = new Uint8Array(2 + 2 + 6 + tiffBytes);
  const view = new DataView(out.buffer);
  view.setUint16(0, 0xffe1);
  view.setUint16(2, 2 + 6 + tiffBytes);
  out.set([0x45, 0x78, 0x69, 0x66, 0, 0], 4);
  const tiff = new DataView(out.buffer, 10);
  tiff.setUint32(0, 0x4d4d002a);
  tiff.setUint32(4, HEADER_BYTES);
  writeDirectory(tiff, HEADER_BYTES, first(HEADER_BYTES + firstBytes));
  writeDirectory(tiff, HEADER_BYTES + firstBytes, exif);
  return out;
}

/**
 * Puts what a frame tells of itself into a JPEG.
 * @throws Error when the bytes are not a JPEG.
 */
export function withExif(jpeg: Uint8Array, facts: FrameFacts): Uint8Array<ArrayBuffer> {
  if (jpeg[0] !== 0xff || jpeg[1] !== 0xd8)
    throw new Error('a frame can only be told of in a JPEG: the bytes do not begin with FF D8');
  const segment = exifSegment(facts);
  const out = new Uint8Array(jpeg.length + segment.length);
  out.set(jpeg.subarray(0, 2));
  out.set(segment, 2);
  out.set(jpeg.subarray(2), 2 + segment.length);
  return out;
}
