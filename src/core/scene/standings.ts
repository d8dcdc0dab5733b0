import { box, cylinder, type Solid } from './solid';
import { level, supportKind, upright } from './support';

/** What is leaned on, stepped on, held or lain on. Sizes are usual ones of rooms (common practice). */
export const STANDINGS = {
  wall: supportKind({
    words: 'wall',
    tone: [0.42, 0.39, 0.34],
    sizes: { widthM: [0.6, 8, 2.4], heightM: [0.8, 4, 2.6] },
    shape: ({ widthM, heightM }) => ({
      solids: [box([-widthM / 2, 0, -0.12], [widthM / 2, heightM, 0])],
      places: { wall: upright([0, heightM / 2, 0], widthM / 2, heightM / 2) },
    }),
  }),
  doorFrame: supportKind({
    words: 'door frame',
    tone: [0.55, 0.52, 0.46],
    sizes: { openingM: [0.6, 1.4, 0.88], heightM: [1.8, 2.6, 2.06] },
    shape: ({ openingM, heightM }) => {
      const w = openingM / 2;
      return {
        solids: [
          box([w, 0, -0.06], [w + 0.09, heightM + 0.09, 0.06]),
          box([-w - 0.09, 0, -0.06], [-w, heightM + 0.09, 0.06]),
          box([-w - 0.09, heightM, -0.06], [w + 0.09, heightM + 0.09, 0.06]),
        ],
        places: {
          frameSide: {
            point: [w, heightM / 2, 0],
            normal: [-1, 0, 0],
            along: [0, 0, 1],
            halfAlongM: 0.04,
            halfAcrossM: heightM / 2,
          },
        },
      };
    },
  }),
  step: supportKind({
    words: 'step or box',
    tone: [0.24, 0.15, 0.09],
    sizes: { heightM: [0.05, 0.6, 0.2], widthM: [0.2, 1.2, 0.45], depthM: [0.2, 1, 0.35] },
    shape: ({ heightM, widthM, depthM }) => ({
      solids: [box([-widthM / 2, 0, -depthM / 2], [widthM / 2, heightM, depthM / 2])],
      places: {
        stepTop: level([0, heightM, 0], widthM / 2, depthM / 2),
        seat: level([0, heightM, 0], widthM / 2, depthM / 2),
      },
    }),
  }),
  table: supportKind({
    words: 'table',
    tone: [0.2, 0.115, 0.06],
    sizes: { heightM: [0.4, 1.2, 0.74], widthM: [0.4, 2.4, 1.1], depthM: [0.4, 1.2, 0.6] },
    shape: ({ heightM, widthM, depthM }) => {
      const [w, d] = [widthM / 2, depthM / 2];
      const leg = 0.025;
      return {
        solids: [
          box([-w, heightM - 0.03, -d], [w, heightM, d]),
          ...[
            [1, 1],
            [1, -1],
            [-1, 1],
            [-1, -1],
          ].map(([sx, sz]) => {
            const [x, z] = [sx! * (w - 0.06), sz! * (d - 0.06)];
            return box([x - leg, 0, z - leg], [x + leg, heightM - 0.03, z + leg]);
          }),
        ],
        places: {
          tableTop: level([0, heightM, 0], w, d),
          // the edge of the one who sits behind it and looks over it to the front
          tableEdge: level([0, heightM, -d + 0.06], w, 0.05),
          seat: level([0, heightM, 0], w, d),
          seatFront: level([0, heightM, d - 0.03], w, 0.02),
        },
      };
    },
  }),
  railing: supportKind({
    words: 'railing',
    tone: [0.16, 0.17, 0.17],
    sizes: { heightM: [0.6, 1.3, 1], widthM: [0.8, 4, 2] },
    shape: ({ heightM, widthM }) => {
      const w = widthM / 2;
      const posts: Solid[] = [-1, 0, 1].map((s) =>
        cylinder([s * w * 0.94, heightM / 2 - 0.01, 0], 'y', 0.02, heightM / 2 - 0.01),
      );
      return {
        solids: [
          cylinder([0, heightM - 0.025, 0], 'x', 0.025, w),
          cylinder([0, heightM * 0.5, 0], 'x', 0.014, w),
          ...posts,
        ],
        places: {
          rail: level([0, heightM, 0], w, 0.02),
          footRail: level([0, heightM * 0.5 + 0.014, 0], w, 0.01),
        },
      };
    },
  }),
  mat: supportKind({
    words: 'floor mat',
    tone: [0.14, 0.17, 0.2],
    sizes: { widthM: [0.5, 2.4, 1.9], depthM: [0.5, 2, 0.9], thickM: [0.005, 0.1, 0.012] },
    shape: ({ widthM, depthM, thickM }) => ({
      solids: [box([-widthM / 2, 0, -depthM / 2], [widthM / 2, thickM, depthM / 2], thickM)],
      places: {},
    }),
  }),
  ball: supportKind({
    words: 'ball',
    tone: [0.5, 0.3, 0.16],
    sizes: { radiusM: [0.05, 0.4, 0.12] },
    shape: ({ radiusM: r }) => ({
      solids: [{ shape: 'ellipsoid', centre: [0, r, 0], radii: [r, r, r], softM: 0.005 }],
      places: { top: level([0, 2 * r, 0], 0.01, 0.01) },
    }),
  }),
} as const;
