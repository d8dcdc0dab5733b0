import { describe, expect, it } from 'vitest';
import { HOUSE_POSES } from '../library';
import type { OwnPose } from '../sitting';
import { FileError } from './readJson';
import { MOST_POSES_IN_FILE, POSE_FILE_BYTES, readPoseFile, writePoseFile } from './poseFile';

const AT = new Date('2026-11-20T10:00:00.000Z');
const ALL = Object.values(HOUSE_POSES).flat();
const own = (i: number): OwnPose => ({
  id: `own-${i}`,
  name: `Jetty ${i}`,
  tags: ['calm'],
  note: 'with the hat',
  keptAt: AT.toISOString(),
  pose: { ...ALL[i % ALL.length]!, name: `Jetty ${i}` },
});
const written = (change: (file: Record<string, unknown>) => void) => {
  const file = JSON.parse(writePoseFile([own(0), own(1)], AT)) as Record<string, unknown>;
  change(file);
  return JSON.stringify(file);
};
const refused = (text: string): string => {
  try {
    readPoseFile(text);
  } catch (error) {
    expect(error).toBeInstanceOf(FileError);
    return (error as Error).message;
  }
  throw new Error('it was read');
};

describe('a file of poses', () => {
  it('says what was kept, and nothing is lost on the way', () => {
    const poses = ALL.map((_, i) => own(i));
    const file = readPoseFile(writePoseFile(poses, AT));
    expect(file.poses).toEqual(poses);
    expect(file.exportedAt).toBe(AT.toISOString());
  });

  it('of the version before is read as well', () => {
    const { wordsIn: _, ...pose } = ALL[0]!;
    const first = written((f) => ((f.version = 1), (f.poses = [{ ...own(0), pose }])));
    expect(readPoseFile(first).poses[0]!.pose).toEqual(pose);
  });

  it('of as many poses as may be in one is small enough to be read', () => {
    const most = Array.from({ length: MOST_POSES_IN_FILE }, (_, i) => own(i));
    expect(writePoseFile(most, AT).length).toBeLessThan(POSE_FILE_BYTES);
  });

  it.each<[string, string, RegExp]>([
    ['nothing', '', /not JSON: it is empty/],
    ['half a file', writePoseFile([own(0)], AT).slice(0, 200), /not JSON/],
    ['null', 'null', /format is missing; a file of poses says "gilvo.poses"/],
    ['a sitting', '{"format":"gilvo.sitting"}', /format is "gilvo.sitting"; a file of poses says/],
    ['a later version', written((f) => (f.version = 3)), /version is 3; this Gilvo reads version 1, 2$/],
    ['no poses', written((f) => (f.poses = [])), /poses/],
    ['an unknown field', written((f) => (f.more = 1)), /more/],
    ['one pose twice', written((f) => (f.poses = [own(0), own(0)])), /poses\[1\]\.id.*twice/],
    [
      'a setting beyond its range',
      written((f) => ((f.poses as OwnPose[])[1]!.pose.settings = { chinDownDeg: 400 })),
      /poses\[1\]\.pose\.settings\.chinDownDeg.*400.*40/,
    ],
  ])('%s is refused with what is wrong', (_, text, why) => {
    expect(refused(text)).toMatch(why);
  });
});
