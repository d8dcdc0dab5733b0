import type { Opening } from '../scene';
import { degrees } from '../units';
import { KEY_RANGES, SOURCE_RANGES, type Light, type Placed } from './light';
import { sourceKind } from './sources';

/** What a key has when it is the light of an opening in a wall. */
export type OpeningLight = Required<
  Pick<Placed, 'kind' | 'arcDeg' | 'heightM' | 'distanceM' | 'sizeM' | 'acrossM' | 'facesDeg'>
>;

/** To the centimetre or the degree. */
const rounded = (value: number, per: number) => Math.round(value * per) / per;

/**
 * The light that falls through an opening: as wide and high as it is, facing into the room.
 * @returns null where it is too near, too far or too large for a source.
 */
export function openingLight({ centre, inwards, widthM, heightM }: Opening): OpeningLight | null {
  const light: OpeningLight = {
    kind: 'window',
    arcDeg: rounded(degrees(Math.atan2(centre[0], centre[2])), 10),
    distanceM: rounded(Math.hypot(centre[0], centre[2]), 100),
    heightM: rounded(centre[1], 100),
    sizeM: rounded(heightM, 100),
    acrossM: rounded(widthM, 100),
    facesDeg: rounded(degrees(Math.atan2(inwards[0], inwards[2])), 10),
  };
  const isWithin = (value: number, { min, max }: { min: number; max: number }) =>
    value >= min && value <= max;
  return isWithin(light.distanceM, KEY_RANGES.distanceM) &&
    isWithin(light.heightM, KEY_RANGES.heightM) &&
    isWithin(light.sizeM, KEY_RANGES.sizeM) &&
    isWithin(light.acrossM, SOURCE_RANGES.acrossM)
    ? light
    : null;
}

/** A key that stands free, of another kind: as wide as its kind is, and as daylight without grid and feather. */
export function keyOfKind(light: Light, kind: NonNullable<Light['kind']>): Light {
  const { acrossM: _across, facesDeg: _faces, ...free } = light;
  if (!sourceKind(kind).isDaylight) return { ...free, kind };
  const { gridDeg: _grid, featherDeg: _feather, ...bare } = free;
  return { ...bare, kind };
}

/** The key as the light of an opening. */
export function keyThrough(light: Light, opening: OpeningLight): Light {
  return { ...keyOfKind(light, 'window'), ...opening };
}
