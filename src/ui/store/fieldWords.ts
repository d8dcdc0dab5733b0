import type { Sitter } from '@/core/people';
import type { Sitting, Take } from '@/core/sitting';

/** Each field of a person's record as the form calls it. */
const OF_PERSON: Record<keyof Sitter, string> = {
  id: 'record',
  name: 'name',
  addressAs: 'addressed as',
  pronouns: 'pronouns',
  language: 'language',
  email: 'e-mail',
  phone: 'telephone',
  needs: 'needs',
  units: 'units',
  profile: 'body and motion',
  motionWords: 'what else limits them',
  betterSide: 'better side',
  wishes: 'wishes',
  dislikes: 'dislikes',
  boundaries: 'boundaries',
  stopWord: 'word to stop',
  consents: 'agreements',
  guardian: 'guardian',
  wardrobe: 'wardrobe',
  note: 'notes',
  privateNote: 'private notes',
  tags: 'tags',
  archived: 'archive',
  binnedAt: 'bin',
};

/** Each field of a sitting and of a pose of its run. */
const OF_SITTING: Record<Exclude<keyof Sitting | keyof Take, keyof Sitter>, string> = {
  sitterId: 'who is posed',
  title: 'title',
  place: 'place',
  startsAt: 'time',
  minutes: 'minutes',
  room: 'room',
  comes: 'who comes along',
  looks: 'looks',
  sittingId: 'sitting',
  lookId: 'look',
  position: 'place in the run',
  plannedFrames: 'frames',
  shot: 'pose, camera and light',
  meant: 'what is meant',
};

const WORDS: Readonly<Record<string, string>> = { ...OF_SITTING, ...OF_PERSON };

/** A field of a record in words, by its name; the name itself where it has no words. */
export function fieldWords(field: string): string {
  return WORDS[field] ?? field;
}
