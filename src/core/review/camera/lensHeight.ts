import type { FigurePoints } from '../../figure';
import { FRAMINGS, framingOf, namedHeightM, type Framing } from '../../set';
import { camera, type Rule } from '../rule';

const TOLERANCE_M = 0.015;
/** A face smaller than this in the frame is no portrait, share of its height. */
const LEAST_FACE = 0.2;

/** Where the lens is wanted for a framing (common practice), metres; a framing that is not here bears any height. */
interface HeightRow {
  title: string;
  wantedM(points: FigurePoints): readonly [a: number, b: number];
}

const atChin: HeightRow = {
  title: 'The lens is not at the chin',
  wantedM: ({ chin, lowerLip }) => [chin[1], lowerLip[1]],
};
const BY_FRAMING: Partial<Record<Framing, HeightRow>> = {
  head: atChin,
  headAndShoulders: atChin,
  half: {
    title: 'The lens is not between chest and chin',
    wantedM: (points) => [namedHeightM(points, 'chest'), points.lowerLip[1]],
  },
};

export const lensHeight = {
  id: 'lens-height',
  name: 'Height of the lens',
  reads: [],
  station: 'camera',
  grade: 'fault',
  reason:
    'A portrait is taken from the chin, half length from between chest and chin: higher looks down, lower up.',
  weight: 0.6,
  measure({ readings, shot, figure: { points } }) {
    if (readings.faceInFrame < LEAST_FACE) return [];
    const row = BY_FRAMING[framingOf(shot.camera, points, FRAMINGS)];
    if (!row) return [];
    const wantedM = row.wantedM(points);
    return [
      {
        key: '',
        value: shot.camera.heightM * 100,
        low: (Math.min(...wantedM) - TOLERANCE_M) * 100,
        high: (Math.max(...wantedM) + TOLERANCE_M) * 100,
        full: 20,
        unit: 'cm lens height',
        title: row.title,
        variables: camera('heightM'),
      },
    ];
  },
} as const satisfies Rule;
