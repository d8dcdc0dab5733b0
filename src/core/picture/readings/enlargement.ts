import { PARTS, type PartName } from '../../body';
import type { Picture } from '../raster/picture';

/** How large a part is drawn and against what it would take at the reference's distance. */
export interface PartShare {
  /** Pixels of the part. */
  pixels: number;
  /** Share of the sitter's pixels, 0 to 1. */
  share: number;
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
  const pixels = new Float64Array(PARTS.length);
  const squares = new Float64Array(PARTS.length);
  let all = 0;
  for (let i = 0; i < picture.label.length; i++) {
    const part = picture.label[i]!;
    if (part === 0) continue;
    all++;
    pixels[part]!++;
    squares[part]! += picture.depthM[i]! ** 2;
  }
  const face = PARTS.indexOf('face');
  const hair = PARTS.indexOf('hair');
  const headPixels = pixels[face]! + pixels[hair]!;
  const reference = headPixels > 0 ? headPixels / (squares[face]! + squares[hair]!) : null;
  const out = new Map<PartName, PartShare>();
  PARTS.forEach((name, part) => {
    if (part === 0 || pixels[part]! < LEAST_PIXELS) return;
    out.set(name, {
      pixels: pixels[part]!,
      share: pixels[part]! / all,
      enlargement: reference === null ? null : pixels[part]! / squares[part]! / reference,
    });
  });
  return out;
}
