import { face, type Rule } from '../rule';

export const browsActing = {
  id: 'brows-acting',
  name: 'Brows act',
  reads: ['browsMovedPercent'],
  station: 'gaze',
  grade: 'polish',
  reason: 'Feeling belongs in the eyes; brows that are lifted or knit tell it twice and draw lines.',
  weight: 0.4,
  measure({ shot: { pose } }, { browsMovedPercent }) {
    return [
      {
        key: '',
        value: Math.abs(pose.expression?.browsRaised ?? 0) * 100,
        ...browsMovedPercent,
        full: 50,
        unit: '% of their way',
        title: 'The brows act',
        titleBelow: 'The brows are stiller than wanted',
        variables: face('browsRaised'),
      },
    ];
  },
} as const satisfies Rule;
