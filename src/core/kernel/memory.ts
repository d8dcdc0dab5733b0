import { kernel } from './instance';

type Numbers = Float32Array | Float64Array | Uint32Array | Int32Array | Uint8Array | Uint8ClampedArray;

/** A stretch of the kernel's memory that always serves the same purpose. */
interface Room {
  at: number;
  bytes: number;
  /** The array that lies in it and does not change. */
  held: Numbers | undefined;
}

const rooms = new Map<string, Room>();
let free = 0;
let whole = new Uint8Array();

/** What is outgrown is given half as much again, so that a room is seldom made anew. */
const GROWTH = 1.5;
const ALIGNMENT = 16;
const PAGE_BYTES = 65536;

/** Bytes of the memory as it is now: growing it leaves earlier views without any. */
function everything(): Uint8Array {
  const { buffer } = kernel().memory;
  if (whole.buffer !== buffer) whole = new Uint8Array(buffer);
  return whole;
}

function reserve(bytes: number): number {
  const { memory, freeFrom } = kernel();
  free ||= freeFrom();
  const at = Math.ceil(free / ALIGNMENT) * ALIGNMENT;
  free = at + bytes;
  const missing = free - memory.buffer.byteLength;
  if (missing > 0) memory.grow(Math.ceil(missing / PAGE_BYTES));
  return at;
}

function roomOf(name: string, bytes: number): Room {
  const found = rooms.get(name);
  if (found && found.bytes >= bytes) return found;
  const most = found ? Math.ceil(bytes * GROWTH) : bytes;
  const made: Room = { at: reserve(most), bytes: most, held: undefined };
  rooms.set(name, made);
  return made;
}

function copy(array: Numbers, at: number): void {
  everything().set(new Uint8Array(array.buffer, array.byteOffset, array.byteLength), at);
}

/** Address of a room of at least so many bytes, with whatever lies in it. */
export function room(name: string, bytes: number): number {
  const made = roomOf(name, bytes);
  made.held = undefined;
  return made.at;
}

/** Lays an array into its room; `past` more bytes may be written behind it. */
export function put(name: string, array: Numbers, past = 0): number {
  const at = room(name, array.byteLength + past);
  copy(array, at);
  return at;
}

/** So many arrays of one purpose are held at a time: those of a body, its head, the body without it, a fine surface. */
const MOST_HELD = 4;
const nextHeld = new Map<string, number>();

/** The room of a purpose that holds an array already, or else the one that was filled longest ago. */
function heldRoom(name: string, array: Numbers): Room {
  for (let i = 0; i < MOST_HELD; i++) {
    const found = rooms.get(`${name} ${i}`);
    if (found?.held === array) return found;
  }
  const next = nextHeld.get(name) ?? 0;
  nextHeld.set(name, (next + 1) % MOST_HELD);
  return roomOf(`${name} ${next}`, array.byteLength);
}

/** The same for an array that never changes: where it lies there already nothing is copied. */
export function hold(name: string, array: Numbers): number {
  const made = heldRoom(name, array);
  if (made.held !== array) {
    copy(array, made.at);
    made.held = array;
  }
  return made.at;
}

/** Copies what lies at an address into an array. */
export function take<Out extends Numbers>(at: number, out: Out): Out {
  const bytes = everything().subarray(at, at + out.byteLength);
  new Uint8Array(out.buffer, out.byteOffset, out.byteLength).set(bytes);
  return out;
}
