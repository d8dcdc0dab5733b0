export {
  frameSchema,
  sitterSchema,
  sittingSchema,
  takeSchema,
  type Frame,
  type Sitter,
  type Sitting,
  type Take,
} from './records';
export {
  explain,
  readSittingFile,
  SITTING_FORMAT,
  SITTING_VERSION,
  SittingFileError,
  writeSittingFile,
  type SittingFile,
} from './sittingFile';
