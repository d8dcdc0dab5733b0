import { polygonArea, polygonHull } from 'd3-polygon';
import { backgroundStops, USUAL_BACKGROUND_M } from '../../light';
import type { Picture, Sight } from '../../picture';
import { pose, type Rule } from '../rule';

/** A ground brighter than the face by this draws the figure as a silhouette, stops (common practice: from two to three). */
const AGAINST_BRIGHT_STOPS = 2.5;
/** A silhouette fills at most so much of the shape that is drawn tight round it, per cent (a study of made scenes: closed from 65, open to 57). */
const MOST_OF_HULL_PERCENT = 62;

/** First and last pixel of the figure in every row that has one, and how many it has in all. */
function rowsOf({ label, width, height }: Picture): { ends: [number, number][]; pixels: number } {
  const ends: [number, number][] = [];
  let pixels = 0;
  for (let row = 0; row < height; row++) {
    const cells = label.subarray(row * width, (row + 1) * width);
    const first = cells.findIndex((part) => part > 0);
    if (first < 0) continue;
    const last = cells.findLastIndex((part) => part > 0);
    ends.push([first, row], [last + 1, row], [first, row + 1], [last + 1, row + 1]);
    for (const part of cells) if (part > 0) pixels++;
  }
  return { ends, pixels };
}

/** Per cent of its convex hull in the picture that a figure fills; null where nothing of it is seen. */
function ofHullPercent(picture: Picture): number | null {
  const { ends, pixels } = rowsOf(picture);
  const hull = polygonHull(ends);
  return hull ? (100 * pixels) / Math.abs(polygonArea(hull)) : null;
}

/** Whether the face is dark before a bright ground. */
function isSilhouette({ ground, figure, lighting, face }: Sight): boolean {
  const backgroundM = ground?.backgroundM ?? USUAL_BACKGROUND_M;
  const off = backgroundStops(lighting(), figure.points.nose, backgroundM);
  if (off <= 0 || off > AGAINST_BRIGHT_STOPS) return off > 0;
  const { name } = face().pattern;
  return name === 'back' || name === 'rim';
}

export const silhouetteClosed = {
  id: 'silhouette-closed',
  name: 'Closed silhouette',
  reads: [],
  station: 'arms',
  grade: 'fault',
  isOfOneAlone: true,
  reason: 'A dark shape is read by its gaps: light between arms, legs and body draws the figure.',
  weight: 0.6,
  measure(sight) {
    const share = isSilhouette(sight) ? ofHullPercent(sight.picture) : null;
    if (share === null) return [];
    return [
      {
        key: '',
        spot: 'trunk',
        value: share,
        low: 0,
        high: MOST_OF_HULL_PERCENT,
        deadBand: [0, 4],
        full: 20,
        unit: '% of its outline filled',
        title: 'The silhouette is closed',
        variables: pose('leftArmOutDeg', 'rightArmOutDeg', 'heelSpacingShoulders', 'hipsTurnLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
