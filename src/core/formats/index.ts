export { readSittingFile, SITTING_FILE_BYTES, writeSittingFile, type SittingFile } from './sittingFile';
export { explain, cut } from './explain';
export { assertSize, FileError } from './readJson';
export { contentHash } from './contentHash';
export { remembered, standingOf, STANDINGS, type Lineage, type Standing } from './lineage';
export { repaired, type Repaired } from './repaired';
export { withExif, type FrameFacts } from './exif';
export {
  BACKUP_FILE_BYTES,
  isBackup,
  readBackup,
  readBackupHead,
  writeBackup,
  type BackupEntry,
  type BackupHead,
  type ReadBackup,
} from './backupFile';
