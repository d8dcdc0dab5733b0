import { SpotLight } from 'three';
import { irradianceFrom, type LightSamples } from '@/core/light';
import { EXPOSURE } from '@/core/picture';
import type { Vec3 } from '@/core/units';

/** The cone that a lamp is drawn in takes in the whole set round the sitter. */
const WIDEST_CONE = 1.25;

/** A lamp of the drawing; only the key's shadow is drawn finely. */
export function lampOf(isKey: boolean): SpotLight {
  const spot = new SpotLight('#ffffff', 1, 0, WIDEST_CONE, 0, 2);
  const side = isKey ? 1024 : 512;
  spot.shadow.mapSize.set(side, side);
  spot.shadow.bias = -0.0014;
  spot.shadow.normalBias = 0.02;
  // cast anew when sitter, supports or lamp move, not with every frame
  spot.shadow.autoUpdate = false;
  return spot;
}

/** So far a drawn shadow has to reach round the sitter, and the light of a lamp without a grid, metres. */
const SHADOWED_M = 1.9;
const LIT_M = 9;
/** From here on a lamp is one of the sky. */
const FAR_LAMP_M = 20;

/** Sets a lamp so that the face receives from it what it receives from the source. */
export function setLamp(lamp: SpotLight, source: LightSamples, face: Vec3): void {
  const { centre, aim } = source;
  const toLamp: Vec3 = [centre[0] - face[0], centre[1] - face[1], centre[2] - face[2]];
  const distance = Math.hypot(...toLamp);
  const facing = toLamp.map((c) => c / distance) as Vec3;
  const onFace = irradianceFrom(source, face, facing);
  lamp.position.set(...centre);
  // a lamp that is turned away from the face still shines along its own aim
  const isAimed = -(aim[0] * facing[0] + aim[1] * facing[1] + aim[2] * facing[2]) > 0.5;
  const isGridded = source.gridCos > -1;
  const target =
    isAimed && !isGridded
      ? [face[0] * 0.7, face[1] * 0.72, face[2] * 0.7]
      : centre.map((c, i) => c + aim[i]!);
  lamp.target.position.set(target[0]!, target[1]!, target[2]!);
  lamp.intensity = Math.PI * EXPOSURE * (isAimed ? onFace * distance * distance : source.intensity);
  lamp.castShadow = source.castsShadow;
  // the cone of a lamp without a grid is wider than the set; its shadow is only looked for round the sitter
  const shadowed = Math.atan((distance > FAR_LAMP_M ? 2 * SHADOWED_M : SHADOWED_M) / distance);
  lamp.angle = isGridded
    ? Math.acos(source.gridCos)
    : Math.min(WIDEST_CONE, Math.max(shadowed, Math.atan(LIT_M / distance)));
  lamp.penumbra = isGridded ? 1 : 0.2;
  lamp.shadow.focus = Math.min(1, shadowed / lamp.angle);
  // the wider the source, the wider the filtered edge of its shadow
  lamp.shadow.radius = Math.min(9, 1 + 7 * source.sizeM * (SHADOWED_M / Math.max(SHADOWED_M, distance)));
  lamp.shadow.camera.near = Math.max(0.3, distance - 6);
  lamp.shadow.camera.far = distance + 10;
  lamp.target.updateMatrixWorld();
  lamp.shadow.needsUpdate = true;
}

/** Has the shadows of lamps cast again with the next frame. */
export function castAnew(lamps: readonly SpotLight[]): void {
  for (const lamp of lamps) lamp.shadow.needsUpdate = true;
}
