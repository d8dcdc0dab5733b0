import type { Top } from '../said/outfit';

/** How one kind of top is cut. Shares are of the frame, see `Lengths.frameM`. */
export interface TopCut {
  /** Distance of the cloth from the skin, metres. */
  clothM: number;
  /** How much farther it stands off at the hem, metres. */
  looseM: number;
  /** The same along the sleeve, from the elbow down. */
  looseSleeveM: number;
  sleeve: 'none' | 'short' | 'long';
  hemShare: number;
  /** Neck opening: an ellipsoid, shares of the frame. */
  opening: Ellipsoid;
  collar: 'rib' | 'turnedDown' | 'edge';
}

export interface Ellipsoid {
  centre: readonly [x: number, y: number, z: number];
  radii: readonly [x: number, y: number, z: number];
}

const ROUND: Ellipsoid = { centre: [0, 0.852, 0.004], radii: [0.05, 0.039, 0.058] };
const CLOSE: Ellipsoid = { centre: [0, 0.858, 0.004], radii: [0.046, 0.034, 0.053] };
const SCOOP: Ellipsoid = { centre: [0, 0.85, 0.008], radii: [0.059, 0.05, 0.068] };

export const TOP_CUTS: Record<Top, TopCut> = {
  base: {
    clothM: 0.0028,
    looseM: 0,
    looseSleeveM: 0,
    sleeve: 'none',
    hemShare: 0.505,
    opening: SCOOP,
    collar: 'edge',
  },
  tShirt: {
    clothM: 0.0065,
    looseM: 0.003,
    looseSleeveM: 0.004,
    sleeve: 'short',
    hemShare: 0.497,
    opening: ROUND,
    collar: 'rib',
  },
  shirt: {
    clothM: 0.0085,
    looseM: 0.007,
    looseSleeveM: 0.007,
    sleeve: 'long',
    hemShare: 0.484,
    opening: CLOSE,
    collar: 'turnedDown',
  },
  fittedTop: {
    clothM: 0.0035,
    looseM: 0.0005,
    looseSleeveM: 0,
    sleeve: 'none',
    hemShare: 0.503,
    opening: SCOOP,
    collar: 'edge',
  },
  dress: {
    clothM: 0.0045,
    looseM: 0.001,
    looseSleeveM: 0.001,
    sleeve: 'short',
    hemShare: 0.56,
    opening: SCOOP,
    collar: 'edge',
  },
};
