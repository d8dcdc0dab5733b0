/** The bright face of a source. */
export type Outline = 'rectangle' | 'disc' | 'ball' | 'ring';

export interface SourceKind {
  words: string;
  outline: Outline;
  /** Its narrow side against its long one. */
  acrossShare: number;
  /**
   * What it does: `lamp` gives light of its own, `reflector` sends back a share of what reaches it, `absorber` takes
   * away the part of the ambient light that would come from where it stands.
   */
  works: 'lamp' | 'reflector' | 'absorber';
  /** Share of the light that a reflector sends back. */
  reflectance?: number;
  /** Exponent of the lobe round the mirror's direction; 0 is a matt surface. */
  gloss?: number;
  /** The size that one of these usually has, metres. */
  usualSizeM: number;
  /** Daylight bears no grid and is not feathered. */
  isDaylight?: true;
  /** What shines from the sky: the angle that it is seen under, degrees. It has an altitude and no stand. */
  skyDeg?: number;
}

/** Everything that lights or shades a set. `sizeM` of a source is its long side or its diameter. */
export const SOURCE_KINDS = {
  softbox: { words: 'softbox', outline: 'rectangle', acrossShare: 1, works: 'lamp', usualSizeM: 0.9 },
  octa: { words: 'octa', outline: 'disc', acrossShare: 1, works: 'lamp', usualSizeM: 1.2 },
  umbrella: { words: 'umbrella', outline: 'disc', acrossShare: 1, works: 'lamp', usualSizeM: 1 },
  strip: { words: 'strip', outline: 'rectangle', acrossShare: 0.24, works: 'lamp', usualSizeM: 1.3 },
  bare: { words: 'bare bulb', outline: 'ball', acrossShare: 1, works: 'lamp', usualSizeM: 0.1 },
  lantern: { words: 'lantern', outline: 'ball', acrossShare: 1, works: 'lamp', usualSizeM: 0.6 },
  ring: { words: 'ring', outline: 'ring', acrossShare: 1, works: 'lamp', usualSizeM: 0.4 },
  window: {
    words: 'window',
    outline: 'rectangle',
    acrossShare: 0.7,
    works: 'lamp',
    usualSizeM: 1.6,
    isDaylight: true,
  },
  // 0.53 degrees: the sun's mean apparent diameter (almanac; from memory)
  sun: {
    words: 'sun',
    outline: 'disc',
    acrossShare: 1,
    works: 'lamp',
    usualSizeM: 1,
    isDaylight: true,
    skyDeg: 0.53,
  },
  overcast: {
    words: 'overcast sky',
    outline: 'disc',
    acrossShare: 1,
    works: 'lamp',
    usualSizeM: 1,
    isDaylight: true,
    skyDeg: 80,
  },
  white: {
    words: 'white panel',
    outline: 'rectangle',
    acrossShare: 0.6,
    works: 'reflector',
    reflectance: 0.85,
    gloss: 0,
    usualSizeM: 1.2,
  },
  silver: {
    words: 'silver panel',
    outline: 'rectangle',
    acrossShare: 0.6,
    works: 'reflector',
    reflectance: 0.9,
    gloss: 8,
    usualSizeM: 1.2,
  },
  black: { words: 'black panel', outline: 'rectangle', acrossShare: 0.6, works: 'absorber', usualSizeM: 1.2 },
} as const satisfies Record<string, SourceKind>;

export type SourceKindId = keyof typeof SOURCE_KINDS;
export const SOURCE_KIND_IDS = Object.keys(SOURCE_KINDS) as [SourceKindId, ...SourceKindId[]];

export function sourceKind(id: SourceKindId): SourceKind {
  return SOURCE_KINDS[id];
}

/** Kinds that a key can be: only what gives light of its own. */
export const LAMP_KIND_IDS = SOURCE_KIND_IDS.filter((id) => sourceKind(id).works === 'lamp');

/** Whether a kind shines from the sky. */
export function isSky(id: SourceKindId | undefined): id is SourceKindId {
  return id !== undefined && sourceKind(id).skyDeg !== undefined;
}

/** Kinds that stand on the floor: everything but the sky. */
export const STANDING_KIND_IDS = SOURCE_KIND_IDS.filter((id): boolean => !isSky(id));
