import { PARTS, type PartName } from '../../body';
import type { Picture } from '../raster/picture';

/** How large a part is drawn and against what it would take at the reference's distance. */
export interface PartShare {
  /** Pixels of the part. */
  pixels: number;
  /** Share of the sitter's pixels, 0 to 1. */
  share: number;
  /** Middle of its pixels, shares of the picture from its upper left corner. */
  middle: { x: number; y: number };
  /**
   * Area against the area the same part would have at the depth of the face: (N / sum z^2) over the same for the
   * face. 1.5 means one and a half times its share. Exact for a flat card facing the camera. Null where neither face
   * nor hair is in the picture to compare with.
   */
  enlargement: number | null;
}

/** Fewest pixels from which an enlargement is worth reporting: below this the edge decides. */
const LEAST_PIXELS = 12;

/** Measures every part of the picture; parts that are hidden or hardly seen are left out. */
export function partShares(picture: Picture): Map<PartName, PartShare> {
  const { sums } = picture;
  const all = sums.reduce((n, { pixels }) => n + pixels, 0);
  const face = PARTS.indexOf('face');
  const hair = PARTS.indexOf('hair');
  const headPixels = sums[face]!.pixels + sums[hair]!.pixels;
  const reference = headPixels > 0 ? headPixels / (sums[face]!.squaresM2 + sums[hair]!.squaresM2) : null;
  const out = new Map<PartName, PartShare>();
  PARTS.forEach((name, part) => {
    const { pixels, squaresM2, cols, rows } = sums[part]!;
    if (part === 0 || pixels < LEAST_PIXELS) return;
    out.set(name, {
      pixels,
      share: pixels / all,
      middle: { x: (cols / pixels + 0.5) / picture.width, y: (rows / pixels + 0.5) / picture.height },
      enlargement: reference === null ? null : pixels / squaresM2 / reference,
    });
  });
  return out;
}
