import { light, type Rule } from '../rule';

export const keyFromBelow = {
  id: 'key-from-below',
  name: 'Light from below',
  reads: [],
  station: 'light',
  grade: 'fault',
  reason: 'Light from below turns the shadows of the face upside down and looks eerie.',
  weight: 0.7,
  measure(sight) {
    return [
      {
        key: '',
        value: sight.face().elevationDeg,
        low: -8,
        high: 90,
        full: 30,
        unit: '° above the eyes',
        title: 'The key comes from below',
        variables: light('heightM', 'arcDeg', 'distanceM'),
      },
    ];
  },
} as const satisfies Rule;
