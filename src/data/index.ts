export { database } from './store/database';
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
} from './records/sittings';
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
} from './records/people';
export { dropPose, keepPose, ownPoses, restorePose } from './records/poses';
export { keepHead, keepSurface, keptHead, keptSurface } from './store/surfaces';
export { AVERAGE_PROFILE } from './demo/blank';
export { placeDemo } from './demo/demo';
export { kitLenses, saveLenses } from './records/kit';
export { dropRoom, keepRoom, keptRooms } from './records/rooms';
export { GoneError, type Written } from './store/writeChange';
