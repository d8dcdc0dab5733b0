export { keepOwnPace, ownPace } from './records/pace';
export { database } from './store/database';
export { storeFaultOf, type StoreFault } from './store/faults';
export { beginAnew, openStore, stayClosed, type StoreMark, type StoreState } from './store/opening';
export { mended, mendSetAside, removeSetAside, restoreSetAside } from './records/mending';
export type { PoseView, SetAside, TableId } from './store/kept';
export {
  addFrame,
  addTake,
  removeTake,
  joinTake,
  reorderTakes,
  splitTake,
  applyPlan,
  takeBackPlan,
  restoreTake,
  saveTake,
} from './records/takes';
export {
  keptWhereEqual,
  allSittings,
  loadSitting,
  namesOfSitters,
  peopleIn,
  sitterIn,
  soloIn,
  whoseIn,
  startSitting,
  type Begun,
  type WholeSitting,
} from './records/sittings';
export {
  addPeople,
  allGroups,
  allPeople,
  addPerson,
  binPeople,
  changeSitting,
  removeGroup,
  saveGroup,
  savePerson,
} from './records/people';
export { exportPoses, openPoseFile, takePoses, takePosesBack, type OpenedPoses } from './files/poseFiles';
export { exportSitting, openSittingFile, takeFile, type OpenedFile } from './files/sittingFiles';
export { takeBack, type Arrival, type Before } from './files/arrivals';
export {
  counted,
  exportBackup,
  joining,
  openBackup,
  restoreBackup,
  type Counted,
  type OpenedBackup,
  type RestoreWay,
  type Unsound,
} from './files/backups';
export { countUnsent } from './files/unsent';
export { erasePerson, mentionsOf, tracesOf, type Mention, type PersonTraces } from './records/erasing';
export { dropSchool, keepSchool, ownSchools, restoreSchool } from './records/schools';
export { dropPose, findPoses, keepPose, knownAs, newestPoses, restorePose } from './records/poses';
export { keepPicture, keepPoseView, keptPicture, keptPoseView, type PoseViewOf } from './store/pictures';
export { keepWords, keptWords, type WayTo } from './store/words';
export { keepSurface, keptSurface } from './store/surfaces';
export { AVERAGE_PROFILE, NEW_SHOT } from './records/blank';
export { placeDemo } from './demo/demo';
export { kitLenses, saveLenses } from './records/kit';
export { dropRoom, keepRoom, keptRooms } from './records/rooms';
export { GoneError, type Written } from './store/writeChange';
