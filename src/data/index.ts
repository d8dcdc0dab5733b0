export { database } from './database';
export {
  addFrame,
  addTake,
  exportSitting,
  importReplaces,
  importSitting,
  keptWhereEqual,
  loadSitting,
  removeTake,
  reorderTakes,
  restoreTake,
  saveTake,
  startSitting,
  type ImportReplaces,
  type WholeSitting,
} from './repository';
export {
  addPeople,
  addPerson,
  binPeople,
  changeSitting,
  erasePerson,
  removeGroup,
  saveGroup,
  savePerson,
  tracesOf,
  type PersonTraces,
} from './people';
export { dropPose, keepPose, ownPoses, restorePose } from './poses';
export { keepHead, keepSurface, keptHead, keptSurface } from './surfaces';
export { AVERAGE_PROFILE } from './blank';
export { placeDemo } from './demo';
export { kitLenses, saveLenses } from './kit';
export { dropRoom, keepRoom, keptRooms } from './rooms';
export { GoneError, type Written } from './writeChange';
