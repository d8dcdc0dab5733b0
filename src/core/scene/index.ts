export { roomSchema, type Room } from './room';
export { sunAt, sunFor, sunPath, sunTimes, type Site, type Sun, type SunLight } from './sun';
export { SUPPORT_PLACES, type Patch, type SupportPlace } from './support';
export {
  footprintsOf,
  leastDistance,
  patchOf,
  placesOf,
  placedDistance,
  placeSupport,
  solidsOf,
  SUPPORT_KINDS,
  supportAt,
  supportMesh,
  SUPPORTS,
  supportSchema,
  type PlacedSolid,
  type PlacedSupport,
  type Support,
  type SupportKindName,
  type SupportMesh,
} from './placed';
