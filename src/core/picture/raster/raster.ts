import type { View } from '../../camera';
import { drawAnew, drawOver, type Mesh, type Window } from '../../kernel';

/** Nearest surface per pixel: triangle index (or -1) and 1/depth. Row 0 is the top of the picture. */
export interface Raster {
  width: number;
  height: number;
  triangle: Int32Array;
  /** Reciprocal of the depth along the axis, per metre; 0 where nothing is. */
  inverseDepth: Float32Array;
}

/** Allocates a raster. */
export function createRaster(width: number, height: number): Raster {
  return {
    width,
    height,
    triangle: new Int32Array(width * height),
    inverseDepth: new Float32Array(width * height),
  };
}

/** Triangles with a corner nearer than this are left out: a camera is never that near, metres. */
const NEAR_M = 0.05;

/**
 * Draws meshes into the raster with a depth test; only triangles that face the camera. They are numbered one after the
 * other through all meshes.
 * @param window the part of the view's frame that the raster holds; the whole where none is given.
 */
export function rasterise(raster: Raster, view: View, meshes: readonly Mesh[], window?: Window): void {
  drawAnew(raster, view, 1 / NEAR_M, meshes, window);
}

/** Draws one mesh more over what the raster holds, its triangles numbered from `first` on. */
export function rasteriseOver(raster: Raster, view: View, mesh: Mesh, first: number): void {
  drawOver(raster, view, 1 / NEAR_M, [mesh], first);
}
