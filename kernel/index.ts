/**
 * The hot loops of the measuring picture, compiled to WebAssembly. Numbers are 64-bit wherever something is decided
 * by them, in the order of operations of the plain loops that the tests hold them against, so that both decide alike.
 * Arguments that end in `At` are addresses in bytes; who calls lays the arrays there.
 */
export { skin } from './skin';
export { project, rasterise, clearRaster } from './raster';
export { resolve } from './resolve';
export { groundNodesBytes, illuminate } from './light';
export { develop, expose } from './develop';
export { blockPlaces, lightPlaces, markDirections } from './face';

/** From here on memory is free. */
export function freeFrom(): usize {
  return __heap_base;
}
