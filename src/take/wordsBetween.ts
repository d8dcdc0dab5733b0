import { dressedFor, lookOf } from '@/core/brief';
import type { Said } from '@/core/cues';
import { poseBefore } from '@/core/sequence';
import type { Take } from '@/core/sitting';
import { AVERAGE_PROFILE, sitterIn, soloIn, type WholeSitting } from '@/data';
import { wordsTo } from '@/workers/keptFirst';

/** What is said to everybody of a take, by person. */
export type Words = ReadonlyMap<string, Said>;

/**
 * What is said on the way from one picture of a sitting to another, to each of its people, one after the other.
 * @param before the picture from which one comes; from an easy stance where there is none
 * @param notByItself after how many sentences something did not come by itself, rising
 */
export async function wordsBetween(
  whole: WholeSitting,
  before: Take | undefined,
  take: Take,
  notByItself: readonly number[],
): Promise<Words> {
  const words = new Map<string, Said>();
  const look = lookOf(whole.sitting, take);
  for (const { role, personId } of take.shot.people) {
    const sitter = sitterIn(whole, take, role);
    // without a record the words of an average body serve: they hardly hang on the body
    const profile = sitter ? dressedFor(sitter, look) : AVERAGE_PROFILE;
    const from = poseBefore(before?.shot, personId);
    words.set(personId, await wordsTo({ profile, from, shot: soloIn(whole, take, role), notByItself }));
  }
  return words;
}

/** How many sentences are said to everybody together. */
export function sentenceCount(words: Words): number {
  return [...words.values()].reduce((sum, { sentences }) => sum + sentences.length, 0);
}
