import { writeBackup, type BackupEntry } from '@/core/formats';
import { STANDING_POSES } from '@/core/library';
import { FIRST_ROLE, withPerson } from '@/core/shot';
import { NEW_SITTER, NEW_SITTING } from '@/data/records/blank';
import { DEMO_SITTING, demoTakes } from '@/data/demo/demo';
import { DEMO_SITTER } from '@/data/demo/demoPeople';

/** Size of the store of a photographer after years. */
export const LARGE = { people: 2510, sittings: 501, ownPoses: 5000, frames: 20_000 };

const FIRST = ['Ida', 'Moe', 'Tor', 'Pia', 'Una', 'Ola', 'Eli', 'Jon', 'Siv', 'Leif'];
const LAST = ['Aas', 'Berg', 'Dahl', 'Eide', 'Foss', 'Haug', 'Lund', 'Moen', 'Ruud', 'Vik'];
const START_MS = Date.UTC(2020, 0, 4, 10);
const DAY_MS = 86_400_000;

const nameOf = (i: number) => `${FIRST[i % 10]} ${LAST[Math.floor(i / 10) % 10]} ${i}`;
const whenOf = (i: number) => new Date(START_MS + i * 5 * DAY_MS).toISOString();

/** Everything of a large store as the entries of a backup, the demo among it. */
function largeEntries(): BackupEntry[] {
  const entries: BackupEntry[] = [['sitters', DEMO_SITTER, []]];
  for (let i = 1; i < LARGE.people; i++)
    entries.push(['sitters', { ...NEW_SITTER, id: `p-${i}`, name: nameOf(i), addressAs: FIRST[i % 10] }, []]);
  entries.push(['sittings', DEMO_SITTING, []], ...demoTakes().map((t) => ['takes', t, []] as const));
  for (let i = 1; i < LARGE.sittings; i++) {
    const id = `s-${i}`;
    const sitterId = `p-${1 + (i % (LARGE.people - 1))}`;
    entries.push([
      'sittings',
      { ...NEW_SITTING, id, personIds: [sitterId], title: `Portraits ${i}`, startsAt: whenOf(i) },
      [],
    ]);
    for (const take of demoTakes()) {
      const shot = withPerson(take.shot, FIRST_ROLE, sitterId);
      entries.push(['takes', { ...take, id: `${id}-${take.position}`, sittingId: id, shot }, []]);
    }
  }
  for (let i = 0; i < LARGE.frames; i++) {
    const id = `s-${1 + (i % (LARGE.sittings - 1))}`;
    entries.push([
      'frames',
      {
        id: `f-${i}`,
        sittingId: id,
        takeId: `${id}-${i % 5}`,
        takenAt: whenOf(i % 400),
        keeper: i % 7 === 0,
      },
      [],
    ]);
  }
  for (let i = 0; i < LARGE.ownPoses; i++) {
    const pose = STANDING_POSES[i % STANDING_POSES.length]!;
    const name = `${pose.name} ${i}`;
    entries.push([
      'poses',
      { id: `o-${i}`, name, tags: [], note: '', keptAt: whenOf(i % 400), pose: { ...pose, name } },
      [],
    ]);
  }
  return entries;
}

/** A backup of a large store, as text. */
export async function largeBackup(): Promise<string> {
  return (await writeBackup(largeEntries(), new Date(START_MS))).join('\n');
}
