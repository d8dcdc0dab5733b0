import { CROP_WORDS, FORMATS, type Cut } from '../../brief';
import type { Picture, Sight } from '../../picture';
import { FRAMINGS, framingOf } from '../../set';
import { camera, type Rule } from '../rule';

/** Air round the figure that a cut leaves, of its height (common practice: a finger's breadth in a print). */
const AIR = 0.02;

/** Breadth and height of what is seen of the figure, pixels; null where nothing is. */
function seenBox({ label, width, height }: Picture): { width: number; height: number } | null {
  let [left, right, top, bottom] = [width, -1, height, -1];
  for (let i = 0; i < label.length; i++) {
    if (label[i] === 0) continue;
    const [col, row] = [i % width, Math.floor(i / width)];
    left = Math.min(left, col);
    right = Math.max(right, col);
    top = Math.min(top, row);
    bottom = Math.max(bottom, row);
  }
  return right < 0 ? null : { width: right - left + 1, height: bottom - top + 1 };
}

/** How much of the frame a cut of a format round the figure would need, the tighter way, 1 is all of it. */
function neededShare(picture: Picture, { format }: Cut): number | null {
  const box = seenBox(picture);
  if (!box) return null;
  const { aspect } = FORMATS[format];
  const heightPx = Math.max(box.height * (1 + AIR), (box.width * (1 + AIR)) / aspect);
  return Math.max(heightPx / picture.height, (heightPx * aspect) / picture.width);
}

/** The cuts that a picture is for: those that show as much of the sitter as it does, each format once. */
function asked({ shot, figure }: Sight, cuts: readonly Cut[]): Cut[] {
  const framing = framingOf(shot.camera, figure.points, FRAMINGS);
  const own = cuts.filter(({ crop }) => crop === framing);
  return own.filter(({ format }, i) => own.findIndex((c) => c.format === format) === i);
}

export const roomForCuts = {
  id: 'room-for-cuts',
  name: 'No room for the cut',
  reads: [],
  station: 'camera',
  grade: 'fault',
  isOfOneAlone: true,
  reason: 'What the picture is used for is cut from it later: nothing that it needs may touch the edge now.',
  weight: 0.5,
  measure(sight, _, cuts = []) {
    return asked(sight, cuts).flatMap((cut) => {
      const share = neededShare(sight.picture, cut);
      if (share === null) return [];
      return [
        {
          key: cut.format,
          value: share * 100,
          low: 0,
          high: 100,
          deadBand: [0, 2] as [number, number],
          full: 100,
          unit: '% of the frame needed',
          title: `No room for the cut: ${CROP_WORDS[cut.crop]}, ${FORMATS[cut.format].words}`,
          variables: camera('distanceM', 'focalLengthMm'),
        },
      ];
    });
  },
} as const satisfies Rule;
