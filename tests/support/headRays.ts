import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3 } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import type { Vec3 } from '@/core/units';
import type { FaceChart } from '@/core/picture/face/chart';

/** Rays off places of a face, set a little off the skin, towards directions all round. */
export function raysOff({ position, normal }: FaceChart, everyPlace: number): { from: Vec3; d: Vec3 }[] {
  const rays: { from: Vec3; d: Vec3 }[] = [];
  for (let i = 0; i < position.length / 3; i += everyPlace)
    for (let k = 0; k < 12; k++) {
      const up = -0.8 + (1.6 * k) / 11;
      const around = 2.4 * k + i;
      const flat = Math.sqrt(1 - up * up);
      const from = [0, 1, 2].map((c) => position[i * 3 + c]! + normal[i * 3 + c]! * 0.0015) as Vec3;
      rays.push({ from, d: [Math.sin(around) * flat, up, Math.cos(around) * flat] });
    }
  return rays;
}

/** A general library's boxes round the same triangles: whether a ray meets any of them. */
export function libraryRays({ tree }: FaceChart): (from: Vec3, d: Vec3) => boolean {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(tree.corners.slice(), 3));
  const bvh = new MeshBVH(geometry);
  const ray = new Ray(new Vector3(), new Vector3());
  return (from, d) => {
    ray.origin.set(...from);
    ray.direction.set(...d);
    return bvh.raycastFirst(ray, DoubleSide) !== null;
  };
}
