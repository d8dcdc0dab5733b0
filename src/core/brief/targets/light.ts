import type { TargetRows } from './target';

/** What the light draws on the face. */
export const LIGHT_TARGETS = {
  faceRatioStops: {
    station: 'light',
    words: 'lit side of the face over the shaded one',
    unit: 'stops',
    low: 0,
    high: 2.8,
    deadBand: 0.15,
    per: { presence: [0.3, 0.5] },
    min: 0,
    max: 10,
    reason: 'Deep shade is strong and stern, little shade soft and open (common practice).',
  },
  throatShadedPercent: {
    station: 'light',
    words: 'throat in the shadow of the jaw',
    unit: '%',
    // a key at the chin: none; one that stands properly, poses of the house: 7 and more
    low: 3,
    high: 100,
    deadBand: 2,
    min: 0,
    max: 100,
    reason: 'The shadow under the jaw draws it; without one chin and neck are one piece.',
  },
  wideOverNarrowStops: {
    station: 'light',
    words: 'light on the wide half of the face over the narrow one',
    unit: 'stops',
    low: -14,
    high: 14,
    deadBand: 0.1,
    min: -14,
    max: 14,
    reason: 'By the message either half may be lit; whoever wants a slim face lights the narrow one.',
  },
} as const satisfies TargetRows;
