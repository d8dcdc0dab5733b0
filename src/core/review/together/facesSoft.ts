import type { Sight } from '../../picture';
import { facesHeld } from '../../set';
import { camera, mark, type Rule } from '../rule';

/** How much further than the lens is closed it would have to be for all faces to be sharp, stops. */
function tooOpenStops({ shot, figure, others }: Sight): number | null {
  const faces = [figure, ...others.map((o) => o.figure)].map(({ points }) => points.nose);
  const held = facesHeld(shot.camera, faces);
  return held && 2 * Math.log2(held.apertureF / shot.camera.apertureF);
}

export const facesSoft = {
  id: 'faces-soft',
  name: 'Not every face is sharp',
  reads: [],
  station: 'camera',
  grade: 'stop',
  reason: 'Whoever is soft among sharp faces feels left out; close the lens, or bring all into one depth.',
  weight: 0.9,
  measure(sight) {
    const stops = sight.others.length > 0 ? tooOpenStops(sight) : null;
    if (stops === null) return [];
    return [
      {
        key: '',
        value: stops,
        low: -20,
        high: 0,
        deadBand: [0, 0.1],
        full: 2,
        unit: 'stops too open for all faces',
        title: 'Not every face is sharp',
        variables: [...camera('apertureF', 'distanceM'), ...mark('aheadM')],
      },
    ];
  },
} as const satisfies Rule;
