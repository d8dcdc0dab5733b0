export { develop, expose } from './develop';
export { illuminate } from './illuminate';
export { drawAnew, drawOver, resolve, type Mesh, type PartSums, type Window } from './raster';
export { skin } from './skin';
