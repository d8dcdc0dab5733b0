export { sentencesAfter, sentencesBetween, type Said } from './sentencesBetween';
export { sentenceFor } from './rows/ofChange';
export { MOST_WORDS, say, sayShown, voiceIn } from './words/say';
export { naming, whole } from './words/slots';
export { CUE_WORDS } from './words/languages';
export { byManner, filled, spoken, type Spoken } from './words/spoken';
export type { AmountId, MarkWords } from './words/words';
export type { Sentence } from './sentence';
