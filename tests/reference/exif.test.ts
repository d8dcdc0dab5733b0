import exifr from 'exifr';
import { describe, expect, it } from 'vitest';
import { withExif, type FrameFacts } from '@/core/formats';

/** The shortest bytes that readers take for a JPEG: start, an empty application segment, end. */
const JPEG = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 0, 4, 0, 0, 0xff, 0xd9]);
const FACTS: FrameFacts = {
  description: 'Slipway sway',
  takenAt: new Date(2026, 11, 5, 10, 3, 7),
  focalLengthMm: 85,
  focalLengthIn35mm: 128,
  apertureF: 2.8,
  shutterS: 1 / 160,
  iso: 400,
  subjectDistanceM: 5.18,
};

describe('a frame that tells of itself, read by an independent EXIF reader', () => {
  it('carries lens, exposure, distance and time', async () => {
    const read = await exifr.parse(Buffer.from(withExif(JPEG, FACTS)), true);
    expect(read).toMatchObject({
      ImageDescription: 'Slipway sway',
      Software: 'Gilvo',
      FNumber: 2.8,
      ISO: 400,
      FocalLength: 85,
      SubjectDistance: 5.18,
    });
    expect(read.FocalLengthIn35mmFormat ?? read.FocalLengthIn35mmFilm).toBe(128);
    expect(read.ExposureTime).toBeCloseTo(1 / 160, 9);
    expect(new Date(read.DateTimeOriginal).getTime()).toBe(FACTS.takenAt.getTime());
  });

  it.each([
    [2, 2],
    [1 / 1.3, 1 / 1.3],
    [1 / 4000, 1 / 4000],
  ])('a shutter of %f s is read back', async (shutterS, expected) => {
    const read = await exifr.parse(Buffer.from(withExif(JPEG, { ...FACTS, shutterS })), true);
    expect(read.ExposureTime).toBeCloseTo(expected, 2);
  });

  it('leaves the picture behind it as it was, and letters that EXIF cannot carry out', async () => {
    const out = withExif(JPEG, { ...FACTS, description: 'Kéa’s turn' });
    expect([...out.slice(-8)]).toEqual([...JPEG.slice(2)]);
    const read = await exifr.parse(Buffer.from(out), true);
    expect(read.ImageDescription).toBe('Keas turn');
  });

  it('refuses what is not a JPEG', () => {
    expect(() => withExif(Uint8Array.from([1, 2, 3]), FACTS)).toThrow(/FF D8/);
  });
});
