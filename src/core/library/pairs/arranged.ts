import { isChild, type BodyProfile } from '../../body';
import { ADULT_YEARS } from '../../people';
import type { Shot } from '../../shot';
import type { Arrangement } from './arrangement';

/** Whoever has the first role of an arrangement comes first. */
function inOrder(
  personIds: readonly string[],
  { first }: Arrangement,
  statureM: ((personId: string) => number | undefined) | undefined,
): string[] {
  if (!first || !statureM) return [...personIds];
  const sign = first === 'shorter' ? 1 : -1;
  return [...personIds].sort((a, b) => sign * ((statureM(a) ?? 0) - (statureM(b) ?? 0)));
}

/**
 * A picture whose people are arranged: who comes first in it has the first role of the arrangement, but where that one
 * has to be shorter or taller. Camera and light stay.
 * @param statureM how tall a person is, metres.
 * @throws RangeError when the picture has more or fewer people than the arrangement.
 */
export function arranged(
  shot: Shot,
  arrangement: Arrangement,
  statureM?: (personId: string) => number | undefined,
): Shot {
  const { name, words, people, supports, message } = arrangement;
  if (shot.people.length !== people.length)
    throw new RangeError(`people ${shot.people.length} must be ${people.length} for ${name}`);
  const ids = inOrder(
    shot.people.map((p) => p.personId),
    arrangement,
    statureM,
  );
  return {
    ...shot,
    people: people.map(({ role, pose, mark }, i) => ({
      role,
      personId: ids[i]!,
      pose: { ...pose, name, words },
      mark,
    })),
    supports: [...supports],
    message,
  };
}

/**
 * The arrangements that suit some people: those for a child and a grown-up only where there is one of each, those for
 * grown-ups only where all are of age.
 */
export function suiting<A extends Pick<Arrangement, 'withChild' | 'adultsOnly'>>(
  arrangements: readonly A[],
  profiles: readonly Pick<BodyProfile, 'ageYears'>[],
): A[] {
  const children = profiles.filter(isChild).length;
  const isMixed = children > 0 && children < profiles.length;
  const areOfAge = profiles.every((p) => p.ageYears >= ADULT_YEARS);
  return arrangements.filter(
    ({ withChild, adultsOnly }) => (!withChild || isMixed) && (!adultsOnly || areOfAge),
  );
}
