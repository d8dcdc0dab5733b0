import { box, cylinder, type Solid } from './solid';
import { level, supportKind, upright, type SupportShape } from './support';
import type { Vec3 } from '../units';

/** Half the thickness of a leg of wood, metres. */
const LEG = 0.019;

function legs(halfWidthM: number, halfDepthM: number, heightM: number): Solid[] {
  return [
    [1, 1],
    [1, -1],
    [-1, 1],
    [-1, -1],
  ].map(([sx, sz]) => {
    const x = sx! * (halfWidthM - LEG);
    const z = sz! * (halfDepthM - LEG);
    return box([x - LEG, 0, z - LEG], [x + LEG, heightM, z + LEG]);
  });
}

function seatPlaces(heightM: number, halfWidthM: number, halfDepthM: number): SupportShape['places'] {
  return {
    seat: level([0, heightM, 0], halfWidthM, halfDepthM),
    seatFront: level([0, heightM, halfDepthM - 0.03], halfWidthM, 0.02),
    seatCorner: level([halfWidthM - 0.04, heightM, halfDepthM - 0.05], 0.02, 0.02),
  };
}

const WOOD: Vec3 = [0.2, 0.115, 0.06];
const CLOTH: Vec3 = [0.13, 0.15, 0.14];

/** Chairs, stools, benches and what else is sat on. Sizes are usual ones of furniture (common practice). */
export const SEATS = {
  chair: supportKind({
    words: 'chair',
    tone: WOOD,
    sizes: {
      seatHeightM: [0.25, 0.6, 0.45],
      seatWidthM: [0.3, 0.7, 0.42],
      seatDepthM: [0.28, 0.6, 0.42],
      backHeightM: [0.15, 0.8, 0.42],
    },
    shape: ({ seatHeightM: h, seatWidthM, seatDepthM, backHeightM }) => {
      const w = seatWidthM / 2;
      const d = seatDepthM / 2;
      const top = h + backHeightM;
      return {
        solids: [
          box([-w, h - 0.04, -d], [w, h, d]),
          ...legs(w, d, h - 0.04),
          box([-w, h, -d], [-w + 2 * LEG, top, -d + 2 * LEG]),
          box([w - 2 * LEG, h, -d], [w, top, -d + 2 * LEG]),
          box([-w, top - 0.22, -d], [w, top, -d + 0.022]),
        ],
        places: {
          ...seatPlaces(h, w, d),
          backFront: upright([0, top - 0.11, -d + 0.022], w, 0.1),
          backTop: level([0, top, -d + 0.011], w, 0.01),
          backSide: { ...level([w, top - 0.15, -d + LEG], 0.02, 0.12), normal: [1, 0, 0], along: [0, 0, 1] },
        },
      };
    },
  }),
  armchair: supportKind({
    words: 'armchair',
    tone: CLOTH,
    sizes: {
      seatHeightM: [0.3, 0.55, 0.43],
      seatWidthM: [0.4, 0.8, 0.54],
      seatDepthM: [0.4, 0.7, 0.52],
      backHeightM: [0.3, 0.9, 0.5],
      armHeightM: [0.12, 0.35, 0.21],
    },
    shape: ({ seatHeightM: h, seatWidthM, seatDepthM, backHeightM, armHeightM }) =>
      upholstered(h, seatWidthM / 2, seatDepthM / 2, backHeightM, armHeightM),
  }),
  sofa: supportKind({
    words: 'sofa',
    tone: CLOTH,
    sizes: {
      seatHeightM: [0.3, 0.55, 0.43],
      seatWidthM: [1, 2.6, 1.7],
      seatDepthM: [0.4, 0.8, 0.58],
      backHeightM: [0.2, 0.7, 0.42],
      armHeightM: [0.1, 0.35, 0.2],
    },
    shape: ({ seatHeightM: h, seatWidthM, seatDepthM, backHeightM, armHeightM }) =>
      upholstered(h, seatWidthM / 2, seatDepthM / 2, backHeightM, armHeightM),
  }),
  stool: supportKind({
    words: 'stool with a rail',
    tone: WOOD,
    sizes: {
      seatHeightM: [0.3, 0.85, 0.66],
      seatWidthM: [0.26, 0.5, 0.36],
      railHeightM: [0.1, 0.45, 0.24],
    },
    shape: ({ seatHeightM: h, seatWidthM, railHeightM }) => {
      const r = seatWidthM / 2;
      const foot = r * 0.95;
      return {
        solids: [
          { shape: 'cylinder', centre: [0, h - 0.02, 0], axis: 'y', radiusM: r, halfM: 0.02, softM: 0 },
          ...legs(foot, foot, h - 0.04),
          cylinder([0, railHeightM, foot - LEG], 'x', 0.012, foot - LEG),
          cylinder([0, railHeightM, LEG - foot], 'x', 0.012, foot - LEG),
          cylinder([foot - LEG, railHeightM, 0], 'z', 0.012, foot - LEG),
          cylinder([LEG - foot, railHeightM, 0], 'z', 0.012, foot - LEG),
        ],
        places: {
          ...seatPlaces(h, r * 0.8, r * 0.8),
          footRail: level([0, railHeightM + 0.012, foot - LEG], foot - LEG, 0.01),
        },
      };
    },
  }),
  bench: supportKind({
    words: 'bench',
    tone: WOOD,
    sizes: {
      seatHeightM: [0.3, 0.6, 0.44],
      seatWidthM: [0.8, 2.4, 1.3],
      seatDepthM: [0.25, 0.5, 0.34],
    },
    shape: ({ seatHeightM: h, seatWidthM, seatDepthM }) => {
      const w = seatWidthM / 2;
      const d = seatDepthM / 2;
      return {
        solids: [box([-w, h - 0.045, -d], [w, h, d]), ...legs(w - 0.08, d - 0.02, h - 0.045)],
        places: seatPlaces(h, w, d),
      };
    },
  }),
  stump: supportKind({
    words: 'tree stump',
    tone: [0.16, 0.1, 0.06],
    sizes: { seatHeightM: [0.2, 0.7, 0.42], seatWidthM: [0.25, 0.8, 0.46] },
    shape: ({ seatHeightM: h, seatWidthM }) => {
      const r = seatWidthM / 2;
      return { solids: [cylinder([0, h / 2, 0], 'y', r, h / 2)], places: seatPlaces(h, r * 0.8, r * 0.8) };
    },
  }),
  wheelchair: supportKind({
    words: 'wheelchair',
    tone: [0.05, 0.05, 0.055],
    sizes: {
      seatHeightM: [0.35, 0.6, 0.5],
      seatWidthM: [0.3, 0.6, 0.42],
      seatDepthM: [0.3, 0.55, 0.42],
      backHeightM: [0.2, 0.6, 0.4],
    },
    shape: ({ seatHeightM: h, seatWidthM, seatDepthM, backHeightM }) => {
      const w = seatWidthM / 2;
      const d = seatDepthM / 2;
      const wheel = Math.min(0.3, h * 0.62);
      const armTop = h + 0.2;
      return {
        solids: [
          { ...box([-w, h - 0.06, -d], [w, h, d]), softM: 0.03 },
          box([-w, h, -d - 0.02], [w, h + backHeightM, -d + 0.012]),
          ...[1, -1].flatMap((s): Solid[] => [
            cylinder([s * (w + 0.05), wheel, -d + 0.1], 'x', wheel, 0.013),
            cylinder([s * w * 0.8, 0.08, d + 0.05], 'x', 0.08, 0.013),
            cylinder([s * (w + 0.01), armTop - 0.012, 0], 'z', 0.016, d * 0.9),
            cylinder([s * (w + 0.01), h + 0.08, d * 0.7], 'y', 0.01, 0.1),
            cylinder([s * (w + 0.01), h + 0.08, -d * 0.8], 'y', 0.01, 0.1),
          ]),
          box([-w * 0.9, 0.11, d + 0.06], [w * 0.9, 0.13, d + 0.26]),
        ],
        places: {
          ...seatPlaces(h, w, d),
          backFront: upright([0, h + backHeightM * 0.7, -d + 0.012], w, 0.1),
          backTop: level([0, h + backHeightM, -d], w, 0.01),
          armrest: level([w + 0.01, armTop + 0.004, 0], 0.01, d * 0.8),
          wheel: level([w + 0.05, wheel * 2, -d + 0.1], 0.01, 0.05),
          stepTop: level([0, 0.13, d + 0.16], w * 0.8, 0.08),
        },
      };
    },
  }),
  beanBag: supportKind({
    words: 'bean bag',
    tone: [0.32, 0.22, 0.1],
    sizes: { seatHeightM: [0.2, 0.5, 0.34], seatWidthM: [0.6, 1.2, 0.9] },
    shape: ({ seatHeightM: h, seatWidthM }) => {
      const r = seatWidthM / 2;
      return {
        // sunk in at the front where one sits, heaped up behind
        solids: [
          { shape: 'ellipsoid', centre: [0, h * 0.32, 0.05], radii: [r, h * 0.7, r * 0.95], softM: 0.16 },
          {
            shape: 'ellipsoid',
            centre: [0, h * 0.85, -r * 0.62],
            radii: [r * 0.8, h, r * 0.36],
            softM: 0.12,
          },
        ],
        places: seatPlaces(h * 0.92, r * 0.4, r * 0.4),
      };
    },
  }),
  hull: supportKind({
    words: 'upturned boat hull',
    tone: [0.42, 0.4, 0.34],
    sizes: { seatHeightM: [0.3, 0.8, 0.52], lengthM: [1.8, 6, 3.6], beamM: [0.6, 1.6, 0.95] },
    shape: ({ seatHeightM: h, lengthM, beamM }) => ({
      solids: [
        { shape: 'ellipsoid', centre: [0, 0, 0], radii: [lengthM / 2, h - 0.06, beamM / 2], softM: 0 },
        box([-lengthM * 0.36, h - 0.14, -0.025], [lengthM * 0.36, h, 0.025]),
      ],
      places: { ...seatPlaces(h, lengthM * 0.3, 0.08), top: level([0, h, 0], lengthM * 0.4, 0.02) },
    }),
  }),
} as const;

/** A seat with cushions, a back and two arms that go down to the floor. */
function upholstered(h: number, w: number, d: number, backHeightM: number, armHeightM: number): SupportShape {
  const soft = 0.045;
  const arm = 0.12;
  const top = h + backHeightM;
  return {
    solids: [
      box([-w, h - 0.16, -d], [w, h, d], soft),
      box([-w - arm, 0.08, -d], [w + arm, h - 0.16, d - 0.02]),
      box([-w - arm, 0.08, -d - 0.16], [w + arm, top, -d], soft),
      box([w, 0.08, -d], [w + arm, h + armHeightM, d - 0.02], 0.02),
      box([-w - arm, 0.08, -d], [-w, h + armHeightM, d - 0.02], 0.02),
      ...legs(w + arm, d, 0.08),
    ],
    places: {
      ...seatPlaces(h, w, d),
      backFront: upright([0, h + backHeightM * 0.6, -d], w, backHeightM * 0.35),
      backTop: level([0, top, -d - 0.08], w, 0.06),
      armrest: level([w + arm / 2, h + armHeightM, 0.04], arm / 2 - 0.02, d * 0.7),
    },
  };
}
