import { put } from './memory';

type Triple = readonly [number, number, number];

/** Where a lens stands and what it takes in (set frame, metres and unit vectors). */
export interface KernelView {
  eye: Triple;
  right: Triple;
  up: Triple;
  forward: Triple;
  /** Half sides of the frame at a distance of one. */
  tanHalfWidth: number;
  tanHalfHeight: number;
}

/** A view as the kernel reads it. */
export function viewNumbers({ eye, right, up, forward, tanHalfWidth, tanHalfHeight }: KernelView): number[] {
  return [...eye, ...right, ...up, ...forward, tanHalfWidth, tanHalfHeight];
}

export function putView(view: KernelView): number {
  return put('view', Float64Array.from(viewNumbers(view)));
}
