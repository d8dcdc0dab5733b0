import type { BodySurface, FaceShares } from '@/core/body';
import type { View } from '@/core/camera';
import type { Rod } from '@/core/figure';
import type { Light } from '@/core/light';
import type { Ground, Support } from '@/core/scene';
import type { Vec3 } from '@/core/units';

/** One person as drawn. */
export interface DrawnPerson {
  surface: BodySurface;
  transforms: Float64Array;
  /** Arms and hands as what they press. */
  rods: readonly Rod[];
  /** What the face does. */
  expression: FaceShares;
}

/** What the viewfinder draws. */
export interface ViewfinderProps extends DrawnPerson {
  /** Everybody else in the picture, by role. */
  others: readonly (DrawnPerson & { role: string })[];
  /** What the lens sees: the camera's own view, or another way round the sitter. */
  view: View;
  light: Light;
  /** Where the key is aimed, metres. */
  face: Vec3;
  /** What lies behind and under the sitter. */
  ground: Ground;
  /** What stands beside the sitter. */
  supports: readonly Support[];
  /** Joints of another pose that is drawn through this one. */
  ghost: Float64Array | null;
  /** `parts` shows the part labels in plain colours. */
  mode: 'picture' | 'parts';
  /** Brighter or darker than a face lit by the key asks for. */
  exposureStops: number;
  /** Called after every drawn frame. */
  onDrawn?(): void;
  /** Hears how long a frame takes at the least, milliseconds. */
  onFrameTime?(leastMs: number): void;
  /** Hears that the graphics card was taken away, and that it is back. */
  onLost?(isLost: boolean): void;
  /** The picture stays as it was drawn, whatever changes. */
  isHeld?: boolean;
}
