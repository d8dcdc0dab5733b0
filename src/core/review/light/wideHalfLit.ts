import { light, type Rule } from '../rule';

export const wideHalfLit = {
  id: 'wide-half-lit',
  name: 'The wide half of the face lit',
  reads: ['wideOverNarrowStops'],
  station: 'light',
  grade: 'polish',
  reason: 'Light on the half that the lens sees wide broadens a face; on the narrow half it slims.',
  weight: 0.4,
  measure(sight, wanted) {
    const { pattern, wideOverNarrowStops } = sight.face();
    if (wideOverNarrowStops === null || pattern.name === 'rim' || pattern.name === 'back') return [];
    return [
      {
        key: '',
        value: wideOverNarrowStops,
        ...wanted.wideOverNarrowStops,
        full: 2,
        unit: 'stops, wide half over narrow',
        title: 'The key lights the wide half of the face',
        titleBelow: 'The key lights the narrow half of the face',
        variables: light('arcDeg'),
      },
    ];
  },
} as const satisfies Rule;
