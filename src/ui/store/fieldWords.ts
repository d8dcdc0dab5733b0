import type { OwnSchool } from '@/core/brief';
import type { Group, Sitter } from '@/core/people';
import type { OwnPose, Sitting, Take } from '@/core/sitting';

/** Each field of a person's record as the form calls it. */
const OF_PERSON: Record<keyof Sitter, string> = {
  id: 'record',
  name: 'name',
  addressAs: 'addressed as',
  pronouns: 'pronouns',
  language: 'language',
  voice: 'how directions are said',
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

/** Each field of a sitting, of a pose of its run, of a group, of an own pose and of an own school. */
const OF_OTHERS: Record<
  Exclude<keyof Sitting | keyof Take | keyof Group | keyof OwnPose | keyof OwnSchool, keyof Sitter>,
  string
> = {
  personIds: 'who is posed',
  title: 'title',
  place: 'place',
  startsAt: 'time',
  minutes: 'minutes',
  room: 'room',
  comes: 'who comes along',
  looks: 'looks',
  combinations: 'who with whom',
  sittingId: 'sitting',
  lookId: 'look',
  position: 'place in the run',
  plannedFrames: 'frames',
  shot: 'pose, camera and light',
  meant: 'what is meant',
  orderWishes: 'wishes for its place in the run',
  grouping: 'wishes for the group',
  kind: 'kind',
  members: 'members',
  keptAt: 'time of keeping',
  pose: 'pose',
  schooling: 'school',
  targets: 'figures set by hand',
};

const WORDS: Readonly<Record<string, string>> = { ...OF_OTHERS, ...OF_PERSON };

/** A field of a record in words, by its name; the name itself where it has no words. */
export function fieldWords(field: string): string {
  return WORDS[field] ?? field;
}
