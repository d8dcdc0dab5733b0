export { cueFor, cuesBetween, MOST_WORDS, type Cue } from './cues';
export { CHECKS, type CheckId } from './checklist';
