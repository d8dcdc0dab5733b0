import { Matrix4, PerspectiveCamera, Vector3 } from 'three';
import type { View } from '@/core/camera';

/** Puts the drawing camera where the camera of the set stands, with its frame. */
export function aimLens(lens: PerspectiveCamera, view: View): void {
  lens.fov = (2 * Math.atan(view.tanHalfHeight) * 180) / Math.PI;
  lens.aspect = view.tanHalfWidth / view.tanHalfHeight;
  lens.near = 0.1;
  lens.far = 60;
  lens.position.set(...view.eye);
  const { right, up, forward } = view;
  const basis = new Matrix4().makeBasis(
    new Vector3(...right),
    new Vector3(...up),
    new Vector3(-forward[0], -forward[1], -forward[2]),
  );
  lens.quaternion.setFromRotationMatrix(basis);
  lens.updateProjectionMatrix();
  lens.updateMatrixWorld();
}
