import { valuesOf } from './headSkin';
import type { PointName } from './cage';

/** What the skin is at a point of the cage, 0 to 1, spread over the skin between. */
export interface Masks {
  lip: number;
  /** The wet inside of the mouth. */
  mouth: number;
  /** Edge of the upper lid, where its lashes are, and of the lower. */
  upperLash: number;
  lowerLash: number;
  /** Inside of a nostril or behind a lid: no light comes there. */
  hidden: number;
  /** Skin of the neck below the jaw, which lies on the body's own. */
  neck: number;
}
export type MaskName = keyof Masks;

/** Rows of the mouth, from the bag behind the teeth outwards. */
const MOUTH_ROWS: Record<string, Partial<Masks>> = {
  9: { mouth: 1, hidden: 1 },
  0: { mouth: 0.8, lip: 0.4, hidden: 0.35 },
  1: { lip: 1 },
  2: { lip: 1 },
  3: { lip: 0.45 },
};
const MOUTH_CORNERS: Record<string, Partial<Masks>> = {
  9: { mouth: 1, hidden: 1 },
  0: { mouth: 0.7, hidden: 0.5 },
  1: { lip: 0.45, hidden: 0.25 },
  2: { lip: 0.25 },
};
/** Rings of the lids, from behind outwards. */
const LID_RINGS: Record<string, { upper: Partial<Masks>; lower: Partial<Masks> }> = {
  0: { upper: { upperLash: 1, hidden: 1 }, lower: { lowerLash: 0.4, hidden: 1 } },
  1: { upper: { upperLash: 1, hidden: 0.4 }, lower: { lowerLash: 0.4 } },
  2: { upper: { upperLash: 0.85 }, lower: { lowerLash: 0.6 } },
};

function masksOf(name: PointName): Partial<Masks> {
  const lips = /^[ul](\d)_/.exec(name);
  if (lips) return MOUTH_ROWS[lips[1]!] ?? {};
  const corner = /^c(\d)$/.exec(name);
  if (corner) return MOUTH_CORNERS[corner[1]!] ?? {};
  const lid = /^e(\d)_(\d)$/.exec(name);
  if (lid) {
    const rings = LID_RINGS[lid[1]!];
    if (!rings || lid[2] === '0') return {};
    return Number(lid[2]) <= 5 ? rings.upper : rings.lower;
  }
  const neck = /^N(\d)_/.exec(name);
  if (neck) return { neck: neck[1] === '1' ? 0.4 : 1 };
  return /^r\w+i$/.test(name) ? { hidden: 0.9 } : {};
}

/** One mask at the control points. */
export function maskValues(mask: MaskName): Float64Array {
  return valuesOf((name) => [masksOf(name)[mask] ?? 0], 1, false);
}
