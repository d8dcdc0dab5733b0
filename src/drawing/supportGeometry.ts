import { BufferAttribute, BufferGeometry } from 'three';
import { supportMesh, type Support } from '@/core/scene';

/** Supports as one drawn mesh. */
export function supportGeometry(supports: readonly Support[]): BufferGeometry {
  const { positions, normals, colours, triangles } = supportMesh(supports);
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(positions, 3));
  geometry.setAttribute('normal', new BufferAttribute(normals, 3));
  geometry.setAttribute('color', new BufferAttribute(colours, 3));
  geometry.setIndex(new BufferAttribute(triangles, 1));
  return geometry;
}
