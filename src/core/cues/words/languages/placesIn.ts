import type { CueWords, PlaceWords } from '../words';

/** Words of a language for the ways in which something touches a place. */
interface Ways {
  on: string;
  near: string;
  round: string;
}

/** Makes the places of a language. Each lies as the language usually says it, or as `lies` says. */
export function placesIn({ on, near, round }: Ways) {
  const place = (noun: string, plural: string, lies = on): PlaceWords => ({
    on: `${lies} ${noun}`,
    near: `${near} ${noun}`,
    round: `${round} ${noun}`,
    both: `${lies} ${plural}`,
  });
  return {
    place,
    /** A place of a thing of which there is one. */
    thing: (noun: string, lies?: string) => place(noun, noun, lies),
    /** A place of the body of which there is one; whose it is comes after it. */
    single: (noun: string, lies?: string) => place(`${noun}{theirs}`, noun, lies),
    /** A place of which there is one on each side; the side, in a form, comes after it, and then whose it is. */
    paired: (noun: string, form: string, plural: string, lies?: string) =>
      place(`${noun}{your:${form}}{theirs}`, plural, lies),
  };
}

/** Whose a place is, in languages that say the side after its name and then whose it is. */
export const WHOSE_AFTER: CueWords['whose'] = {
  own: { your: '', theirs: '' },
  across: { your: ' {side}', theirs: '' },
  theirs: { your: '', theirs: ' de {who}' },
  theirSide: { your: ' {side}', theirs: ' de {who}' },
};
