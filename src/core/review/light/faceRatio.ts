import { light, type Rule } from '../rule';

export const faceRatio = {
  id: 'face-ratio',
  name: 'Light against shade on the face',
  reads: ['faceRatioStops'],
  station: 'light',
  grade: 'polish',
  reason: 'Deep shade is strong and stern, little shade soft and open.',
  weight: 0.45,
  measure(sight, { faceRatioStops }) {
    const { pattern, ratioStops } = sight.face();
    // an edge of light is meant to leave the face dark
    if (pattern.name === 'rim' || pattern.name === 'back') return [];
    return [
      {
        key: '',
        value: ratioStops,
        ...faceRatioStops,
        full: 2,
        unit: 'stops from the lit side to the shaded one',
        title: 'The shade on the face is deeper than wanted',
        titleBelow: 'The light on the face is flatter than wanted',
        variables: light('ambientShare', 'arcDeg', 'heightM', 'distanceM'),
      },
    ];
  },
} as const satisfies Rule;
