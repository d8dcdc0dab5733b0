import { CAMERA_RANGES } from '../../camera';
import { backgroundStops, lightFacingKey, lightingOf, type Light } from '../../light';
import type { Ground } from '../../scene';
import type { Vec3 } from '../../units';
import { stopsAsDrawn } from '../raster/stopsMap';

/** A near-silhouette exposes the background so far over its middle, stops (common practice). */
const SILHOUETTE_OVER_STOPS = 1 / 3;
/** Skin this much darker than the background reads as a dark shape, stops (common practice). */
export const SILHOUETTE_APART_STOPS = 2;

/** How a background and the skin that is turned to the key come out, stops from middle grey. */
export interface BackgroundAsDrawn {
  background: number;
  skin: number;
  /** The aperture for a near-silhouette and by how much it is brighter; null where skin or aperture do not allow one. */
  silhouette: { apertureF: number; brighterStops: number } | null;
}

/**
 * How background and lit skin come out, and the exposure for a near-silhouette.
 * @param skin linear reflectance.
 */
export function backgroundAsDrawn(
  light: Light,
  face: Vec3,
  ground: Ground,
  skin: Vec3,
  apertureF: number,
): BackgroundAsDrawn {
  const { backgroundM } = ground;
  const lighting = lightingOf(light, face, backgroundM);
  const onFace = lightFacingKey(lighting, face);
  const background = stopsAsDrawn(
    ground.background,
    onFace * 2 ** backgroundStops(lighting, face, backgroundM),
  );
  const litSkin = stopsAsDrawn(skin, onFace);
  const brighterStops = SILHOUETTE_OVER_STOPS - background;
  const wantedF = Math.round(apertureF * 2 ** (-brighterStops / 2) * 10) / 10;
  const { min, max } = CAMERA_RANGES.apertureF;
  const canBe = background - litSkin >= SILHOUETTE_APART_STOPS && wantedF >= min && wantedF <= max;
  return { background, skin: litSkin, silhouette: canBe ? { apertureF: wantedF, brighterStops } : null };
}
