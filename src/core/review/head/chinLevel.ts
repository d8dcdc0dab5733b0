import { isLying } from '../../pose';
import { degrees, midpoint, subtract, unit } from '../../units';
import { directionIn } from '../measures/inFrame';
import { camera, pose, type Rule } from '../rule';

/** A face turned further than this from the lens is a profile, whose chin is judged by its line, degrees (common practice). */
const PROFILE_COSINE = 0.34;

export const chinLevel = {
  id: 'chin-level',
  name: 'Chin high or low',
  reads: ['lensOverFaceDeg'],
  station: 'head',
  grade: 'fault',
  reason: 'A high chin looks down on one and shows the nostrils; a low one broods and hides the eyes.',
  weight: 0.7,
  measure({ figure, view, shot }, { lensOverFaceDeg }) {
    const { left, right } = figure.points.eyes;
    const toLens = directionIn(figure, 'head', unit(subtract(view.eye, midpoint(left, right))));
    if (isLying(shot.pose.support) || toLens[2] < PROFILE_COSINE) return [];
    return [
      {
        key: '',
        spot: 'chin',
        value: degrees(Math.atan2(toLens[1], Math.hypot(toLens[0], toLens[2]))),
        ...lensOverFaceDeg,
        full: 12,
        unit: '° over the face',
        title: 'The chin is high: nostrils are in view',
        titleAbove: 'The chin is low',
        variables: [...pose('chinDownDeg'), ...camera('heightM')],
      },
    ];
  },
} as const satisfies Rule;
