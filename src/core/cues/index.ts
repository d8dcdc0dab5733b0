export { sentencesAfter, sentencesBetween, type Said } from './sentencesBetween';
export { sentenceFor } from './rows/ofChange';
export { MOST_WORDS, say, sayShown } from './words/say';
export type { Sentence } from './sentence';
