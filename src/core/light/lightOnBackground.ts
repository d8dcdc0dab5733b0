import { subtract, unit, type Vec3 } from '../units';
import { KEY_RANGES, SOURCE_RANGES, type Light, type LightSource } from './light';
import { irradianceFrom, lightingOf, type Lighting } from './samples';

/**
 * Light on a patch at the face that turns to the key: what exposures are counted from.
 * @param lighting against the key at the face.
 */
export function lightFacingKey({ sources, ambient }: Lighting, at: Vec3): number {
  const normal = unit(subtract(sources[0]!.centre, at));
  return ambient + sources.reduce((sum, s) => sum + irradianceFrom(s, at, normal), 0);
}

/** Light on the background straight behind the face, without the sitter's shadow. */
function onBackground({ sources, ambient }: Lighting, face: Vec3, backgroundM: number): number {
  const behind: Vec3 = [face[0], face[1], -backgroundM];
  return ambient + sources.reduce((sum, s) => sum + irradianceFrom(s, behind, [0, 0, 1]), 0);
}

/** Light on the background behind the face against the light on the face, stops. */
export function backgroundStops(lighting: Lighting, face: Vec3, backgroundM: number): number {
  return Math.log2(onBackground(lighting, face, backgroundM) / lightFacingKey(lighting, face));
}

/** A lamp for the background where there is none: beside the mark, before the background, aimed at it. */
function backgroundLamp(id: string, backgroundM: number): LightSource {
  const [aside, behind] = [1.2, Math.max(0.2, backgroundM - 1.2)];
  return {
    id,
    kind: 'softbox',
    arcDeg: Math.round((Math.atan2(aside, -behind) * 180) / Math.PI),
    distanceM: Math.round(Math.hypot(aside, behind) * 100) / 100,
    heightM: 1.6,
    sizeM: 0.6,
    aim: 'background',
    powerStops: 0,
  };
}

/**
 * The light with its background lamp so strong that the background receives what is wanted; one is added where there
 * is none.
 * @param wantedStops on the background against the face.
 * @returns null when no power in its range does it: too much of another light falls there, or too little can; or when
 *   the background lies too far off for a stand.
 */
export function lightWithBackground(
  light: Light,
  face: Vec3,
  backgroundM: number,
  wantedStops: number,
): Light | null {
  const before = light.others ?? [];
  const present = before.find((s) => s.aim === 'background');
  const lamp = present ?? backgroundLamp(freeId(before), backgroundM);
  const withPower = (powerStops: number): Light => {
    const set = { ...lamp, powerStops };
    return { ...light, others: present ? before.map((s) => (s === present ? set : s)) : [...before, set] };
  };
  const stopsAt = (powerStops: number) =>
    backgroundStops(lightingOf(withPower(powerStops), face, backgroundM), face, backgroundM);
  const { min, max } = SOURCE_RANGES.powerStops;
  let [low, high]: [number, number] = [min, max];
  if (lamp.distanceM > KEY_RANGES.distanceM.max) return null;
  if (stopsAt(low) > wantedStops || stopsAt(high) < wantedStops) return null;
  // its share grows with its power alone; sought finer than the dial's tenth, so that the tenth taken is the nearest
  while (high - low > 0.001) {
    const middle = (low + high) / 2;
    if (stopsAt(middle) < wantedStops) low = middle;
    else high = middle;
  }
  return withPower(Math.round(high * 10) / 10);
}

/** An id that no source has. */
export function freeId(others: readonly LightSource[]): string {
  let n = 1;
  while (others.some((s) => s.id === `source-${n}`)) n++;
  return `source-${n}`;
}
