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
  SittingFileError,
  writeSittingFile,
  type SittingFile,
} from './sittingFile';
