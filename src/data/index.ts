export { database } from './database';
export {
  addFrame,
  addTake,
  exportSitting,
  importSitting,
  loadSitting,
  removeTake,
  reorderTakes,
  restoreTake,
  saveTake,
  startSitting,
  type WholeSitting,
} from './repository';
export { placeDemo } from './demo';
