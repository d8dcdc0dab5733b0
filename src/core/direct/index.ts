export { cueFor, type Cue } from './cues';
export { cuesOfShot, type CueTo } from './cuesOfShot';
export { goodIn, type PraiseId } from './praise/good';
export { feelingOf, openingOf } from './asides/asides';
export { praiseFor } from './praise/praiseFor';
export { promptFor } from './prompts/promptFor';
export { CHECKS, type CheckId } from './checklist';
export { clothQuestions, type ClothQuestion } from './clothQuestions';
export { setSheet, type SetUp } from './setSheet';
