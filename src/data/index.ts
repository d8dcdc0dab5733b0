export { database, GilvoDatabase } from './database';
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
export { DEMO_SITTER, DEMO_SITTING, demoTakes, placeDemo } from './demo';
