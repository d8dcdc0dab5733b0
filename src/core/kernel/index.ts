export { develop, expose } from './develop';
export {
  blockedPlaces,
  directionsAsked,
  lightOnPlaces,
  type Directions,
  type Places,
  type PointSource,
} from './face';
export { illuminate } from './illuminate';
export { drawAnew, drawOver, resolve, type Mesh, type PartSums, type Window } from './raster';
export { skin } from './skin';
