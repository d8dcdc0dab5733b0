import { camera, type Rule } from '../rule';

export const frameEdge = {
  id: 'frame-edge',
  name: 'Joint at the edge of the frame',
  reads: [],
  station: 'camera',
  grade: 'fault',
  reason: 'A frame that cuts a joint or a widest place looks like an accident; cut where the body narrows.',
  weight: 0.95,
  measure({ readings }) {
    const bad = readings.cuts.filter((c) => c.kind !== 'good');
    const where = [...new Set(bad.map((c) => c.where))].join(', ');
    return [
      {
        key: '',
        value: bad.length,
        low: 0,
        high: 0,
        full: 2,
        unit: bad.length === 1 ? 'bad cut' : 'bad cuts',
        title: bad.length > 0 ? `The frame cuts the ${where}` : 'The frame cuts well',
        variables: camera('heightM', 'distanceM', 'focalLengthMm'),
      },
    ];
  },
} as const satisfies Rule;
