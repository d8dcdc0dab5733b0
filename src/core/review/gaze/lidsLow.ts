import type { Pose } from '../../pose';
import { face, type Rule } from '../rule';

/** Eyes that look at the lens, past it, or at somebody: open. Eyes that look down or nowhere may have their lids low. */
const LOOKING: ReadonlySet<Pose['gaze']['kind']> = new Set(['lens', 'offLens', 'person', 'point']);

export const lidsLow = {
  id: 'lids-low',
  name: 'Lids half closed',
  reads: ['lidsClosedPercent'],
  station: 'gaze',
  grade: 'fault',
  reason:
    'Lids over the pupil look sleepy or caught in a blink; eyes that look are open, or meant to be shut.',
  weight: 0.7,
  measure({ shot: { pose } }, { lidsClosedPercent }) {
    if (!LOOKING.has(pose.gaze.kind)) return [];
    return [
      {
        key: '',
        value: (pose.expression?.lidsClosed ?? 0) * 100,
        ...lidsClosedPercent,
        full: 60,
        unit: '% closed',
        title: 'The lids are low over eyes that look',
        titleBelow: 'The lids are more open than wanted',
        variables: face('lidsClosed'),
      },
    ];
  },
} as const satisfies Rule;
