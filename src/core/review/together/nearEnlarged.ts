import { project } from '../../camera';
import { camera, mark, type Rule } from '../rule';

/** A face that is drawn so much larger than the others’ takes the picture, times in area (from memory: a tenth nearer). */
const MOST_TIMES = 1.3;

export const nearEnlarged = {
  id: 'near-enlarged',
  name: 'Nearer one enlarged',
  reads: [],
  station: 'camera',
  grade: 'fault',
  reason: 'Whoever is nearest the lens is drawn largest; people who belong together stand in one plane.',
  weight: 0.6,
  measure({ view, figure, others }) {
    if (others.length === 0) return [];
    const depthM = (f: typeof figure) => project(view, f.points.nose).depthM;
    const meanM = others.reduce((sum, o) => sum + depthM(o.figure), 0) / others.length;
    return [
      {
        key: '',
        value: (meanM / depthM(figure)) ** 2,
        low: 0,
        high: MOST_TIMES,
        full: 0.6,
        unit: '× as large as the others',
        title: 'This one is much nearer to the lens than the others',
        variables: [...mark('aheadM'), ...camera('distanceM')],
      },
    ];
  },
} as const satisfies Rule;
