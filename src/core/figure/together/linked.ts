import type { Body } from '../../body';
import type { Pose } from '../../pose';
import type { Mark } from '../../scene';

/** One of several who are posed at once. */
export interface ToPose {
  role: string;
  body: Body;
  pose: Pose;
  mark?: Mark | undefined;
}

/** The roles that somebody touches, stands near to or is carried by. */
function named({ pose, mark }: ToPose): string[] {
  const touched = pose.contacts.flatMap((c) => c.of?.role ?? []);
  return [...touched, mark?.near?.role, mark?.carriedBy?.role].filter((role) => role !== undefined);
}

/** Pairs of people of whom one touches the other or stands near to them, each pair once, in the order of the people. */
export function pairsOf(people: readonly ToPose[]): (readonly [ToPose, ToPose])[] {
  return people.flatMap((a, i) =>
    people
      .slice(i + 1)
      .filter((b) => named(a).includes(b.role) || named(b).includes(a.role))
      .map((b) => [a, b] as const),
  );
}

/** People in groups that have nothing to do with each other: whoever touches nobody is alone. */
export function groupsOf(people: readonly ToPose[]): ToPose[][] {
  const pairs = pairsOf(people);
  const groups: ToPose[][] = [];
  const seen = new Set<ToPose>();
  for (const first of people) {
    if (seen.has(first)) continue;
    const group = [first];
    seen.add(first);
    for (const one of group)
      for (const [a, b] of pairs) {
        const next = a === one ? b : b === one ? a : undefined;
        if (next && !seen.has(next)) {
          seen.add(next);
          group.push(next);
        }
      }
    groups.push(people.filter((p) => group.includes(p)));
  }
  return groups;
}
