export { cueFor, cuesBetween, type Cue } from './cues';
export { CHECKS, type CheckId } from './checklist';
export { setSheet, type SetUp } from './setSheet';
