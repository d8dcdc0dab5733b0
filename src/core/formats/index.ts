export {
  explain,
  readSittingFile,
  SittingFileError,
  writeSittingFile,
  type SittingFile,
} from './sittingFile';
export { withExif, type FrameFacts } from './exif';
