/** Of more people than this, how many they are is said. */
const MOST_NAMED = 3;
const LIST = new Intl.ListFormat('en', { type: 'conjunction' });

/** All names in one line, however many. */
export function allInOneLine(names: readonly string[]): string {
  return LIST.format(names);
}

/** Names in one line, short where they are many. */
export function inOneLine(names: readonly string[]): string {
  if (names.length <= MOST_NAMED) return LIST.format(names);
  return LIST.format([...names.slice(0, MOST_NAMED - 1), `${names.length - MOST_NAMED + 1} others`]);
}

/** The names of people in one line. */
export function namesOf(people: readonly { name: string }[]): string {
  return inOneLine(people.map((p) => p.name));
}

/** How people are called to their faces, in one line. */
export function calledOf(people: readonly { addressAs: string }[]): string {
  return inOneLine(people.map((p) => p.addressAs));
}
