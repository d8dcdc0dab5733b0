export {
  BACKDROP_KIND_IDS,
  BACKDROP_RANGES,
  BACKDROPS,
  GROUND_TONE_IDS,
  GROUND_TONES,
  plainGround,
  usualBackdrop,
  type Backdrop,
  type BackdropKindId,
  type Ground,
  type GroundTone,
} from './backdrop';
export { MOST_FURNITURE, type Furniture } from './furniture';
export {
  MOST_WINDOWS,
  usualWindow,
  WALL_WORDS,
  WALLS,
  WINDOW_RANGES,
  type RoomWindow,
  type Wall,
} from './opening';
export { CARRY_PLACE_IDS, CARRY_PLACES, usualCarry, type Carry, type CarryPlace } from './carry';
export {
  carrierAmong,
  MARK_LEVEL_RANGE,
  MARK_NUMBERS,
  MARK_RANGE,
  MARK_TURN_RANGE,
  markSchema,
  mirrorMark,
  OWN_MARK,
  pointOfMark,
  type Mark,
  type MarkNumber,
} from './mark';
export { fallsThrough, groundOf, openingsOf, roomSchema, usualRoom, type Opening, type Room } from './room';
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
  MOST_SUPPORTS,
  type PlacedSolid,
  type PlacedSupport,
  type Support,
  type SupportKindName,
  type SupportMesh,
} from './placed';
