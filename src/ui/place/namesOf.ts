/** Of more people than this, how many they are is said. */
const MOST_NAMED = 3;
const LIST = new Intl.ListFormat('en', { type: 'conjunction' });

/** The names of people in one line. */
export function namesOf(people: readonly { name: string }[]): string {
  const names = people.map((p) => p.name);
  if (names.length <= MOST_NAMED) return LIST.format(names);
  return LIST.format([...names.slice(0, MOST_NAMED - 1), `${names.length - MOST_NAMED + 1} others`]);
}
