export { readSittingFile, SITTING_FILE_BYTES, writeSittingFile, type SittingFile } from './sittingFile';
export { POSE_FILE_BYTES, readPoseFile, writePoseFile } from './poseFile';
export { assertSize, FileError } from './readJson';
export { carriedOn, remembered, type Lineage } from './lineage';
export { standingOf, STANDINGS, TAKEN_BY_ITSELF, type Standing } from './standing';
export { repaired, type Repaired } from './repaired';
export { writeAppointment } from './appointment';
export { withExif, type FrameFacts } from './exif';
export {
  BACKUP_FILE_BYTES,
  isBackup,
  readBackup,
  readBackupHead,
  writeBackup,
  type BackupEntry,
  type ReadBackup,
} from './backupFile';
