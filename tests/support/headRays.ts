import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3 } from 'three';
import { MeshBVH } from 'three-mesh-bvh';
import { add, tripleAt, type Vec3 } from '@/core/units';
import type { HeadPlaces } from '@/core/picture/face/places';

/** So far off the skin a ray begins, metres: beyond its own triangle. */
const OFF_M = 0.0015;

/** Where a ray off a place of a head begins. */
export function offPlace({ position, normal }: HeadPlaces, place: number): Vec3 {
  return add(tripleAt(position, place), tripleAt(normal, place), OFF_M);
}

/** Rays off places of a face, set a little off the skin, towards directions all round. */
export function raysOff(places: HeadPlaces, everyPlace: number): { from: Vec3; d: Vec3 }[] {
  const rays: { from: Vec3; d: Vec3 }[] = [];
  for (let i = 0; i < places.position.length / 3; i += everyPlace)
    for (let k = 0; k < 12; k++) {
      const up = -0.8 + (1.6 * k) / 11;
      const around = 2.4 * k + i;
      const flat = Math.sqrt(1 - up * up);
      rays.push({ from: offPlace(places, i), d: [Math.sin(around) * flat, up, Math.cos(around) * flat] });
    }
  return rays;
}

/** A general library's boxes round triangles of a head, all of them where none are given: whether a ray meets any. */
export function libraryRays(
  { head }: HeadPlaces,
  triangles = head.triangles,
): (from: Vec3, d: Vec3) => boolean {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(head.positions.slice(), 3));
  geometry.setIndex(new BufferAttribute(triangles.slice(), 1));
  const bvh = new MeshBVH(geometry);
  const ray = new Ray(new Vector3(), new Vector3());
  return (from, d) => {
    ray.origin.set(...from);
    ray.direction.set(...d);
    return bvh.raycastFirst(ray, DoubleSide) !== null;
  };
}
