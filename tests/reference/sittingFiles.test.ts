import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { contentHash } from '@/core/checks';
import { readSittingFile } from '@/core/formats';
import type { Pose } from '@/core/pose';
import { soloShot, type SoloShot } from '@/core/shot';

/** Files that Gilvo itself wrote when each version was the newest one. */
const textOf = (version: number) =>
  readFileSync(join(import.meta.dirname, `sittingFiles/version-${version}.json`), 'utf8');

interface Old {
  sitter: { id: string; profile: { statureM: number } };
  takes: { id: string; shot: SoloShot }[];
}

describe.each([1, 2, 3, 4, 5])('a file of version %i', (version) => {
  const old = JSON.parse(textOf(version)) as Old;
  const now = readSittingFile(textOf(version));

  it('opens with its people, and says of each picture whose it is', () => {
    expect(now.people.map((p) => [p.id, p.profile.statureM])).toEqual([
      [old.sitter.id, old.sitter.profile.statureM],
    ]);
    expect(now.sitting.personIds).toEqual([old.sitter.id]);
    for (const take of now.takes)
      expect(take.shot.people.map((p) => [p.role, p.personId])).toEqual([['a', old.sitter.id]]);
  });

  it('has every one of its pictures as it was', () => {
    expect(now.takes).toHaveLength(3);
    const shots = now.takes.map((take) => soloShot(take.shot));
    const before = old.takes.map(({ shot }) => ({ ...shot, pose: withoutOldPlaces(shot.pose) }));
    expect(shots).toEqual(before);
  });

  it('keeps what was meant, and the frame', () => {
    expect(now.takes[0]!.meant).toEqual([{ findingId: 'a/fist:left', reason: 'she boxes' }]);
    expect(now.frames).toHaveLength(1);
  });
});

/** Up to the second version the other upper arm had a name of its own. */
function withoutOldPlaces(pose: Pose): Pose {
  const to = (place: string) => (place === 'otherUpperArm' ? 'other:upperArm' : place);
  return { ...pose, contacts: pose.contacts.map((c) => ({ ...c, to: to(c.to) })) } as Pose;
}

it('what was known of a record of the fifth version holds for it in its new form', () => {
  const { takes, sitting, lineage } = readSittingFile(textOf(5));
  expect(lineage[`takes/${takes[0]!.id}`]!.at(-1)).toBe(contentHash(takes[0]));
  expect(lineage[`sittings/${sitting.id}`]!.at(-1)).toBe(contentHash(sitting));
  // what had gone on since it was in a file stays so
  expect(lineage[`takes/${takes[1]!.id}`]).toEqual(['0123456789abcdef']);
});

it('a file of the sixth version opens as it is, with both of its people in their places', () => {
  const old = JSON.parse(textOf(6)) as { version: number; takes: unknown[]; people: unknown[] };
  expect(old.version).toBe(6);
  const now = readSittingFile(textOf(6));
  expect(now.takes).toEqual(old.takes);
  expect(now.people).toEqual(old.people);
  expect(now.takes[0]!.shot.people.map((p) => [p.role, p.mark?.leftM])).toEqual([
    ['a', 0.3],
    ['b', -0.3],
  ]);
});
