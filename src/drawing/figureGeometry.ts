import { BufferAttribute, BufferGeometry } from 'three';
import type { BodySurface, FaceShares } from '@/core/body';
import { createSkinned, pressFlesh, skinSurface, type Rod } from '@/core/figure';
import type { Support } from '@/core/scene';
import { PART_COLOURS } from './partColours';

/** A surface as drawn geometry; skinned by the same function as the measuring picture. */
export interface FigureGeometry {
  geometry: BufferGeometry;
  pose(
    transforms: Float64Array,
    face?: FaceShares,
    supports?: readonly Support[],
    rods?: readonly Rod[],
  ): void;
}

/** Wraps a surface for drawing. */
export function figureGeometry(surface: BodySurface): FigureGeometry {
  const skinned = createSkinned(surface);
  const geometry = new BufferGeometry();
  const count = surface.openness.length;
  const colours = new Float32Array(count * 3);
  const parts = new Float32Array(count * 3);
  for (let v = 0; v < count; v++)
    for (let c = 0; c < 3; c++) {
      colours[v * 3 + c] = surface.colours[v * 3 + c]! * surface.openness[v]!;
      parts[v * 3 + c] = PART_COLOURS[surface.labels[v]!]![c]! / 255;
    }
  const positions = new BufferAttribute(skinned.positions, 3);
  const normals = new BufferAttribute(skinned.normals, 3);
  geometry.setAttribute('position', positions);
  geometry.setAttribute('normal', normals);
  geometry.setAttribute('color', new BufferAttribute(colours, 3));
  geometry.setAttribute('partColor', new BufferAttribute(parts, 3));
  geometry.setIndex(new BufferAttribute(surface.triangles, 1));
  return {
    geometry,
    pose(transforms, face, supports = [], rods = []) {
      skinSurface(surface, transforms, skinned, face);
      pressFlesh(surface, skinned, supports, rods);
      positions.needsUpdate = true;
      normals.needsUpdate = true;
      geometry.computeBoundingSphere();
    },
  };
}
