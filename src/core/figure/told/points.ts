import type { Side, Vec3 } from '../../units';

/** Points on the posed figure that pictures are judged by, metres. */
export interface FigurePoints {
  chin: Vec3;
  lowerLip: Vec3;
  crown: Vec3;
  eyes: Record<Side, Vec3>;
  nose: Vec3;
  shoulders: Record<Side, Vec3>;
  elbows: Record<Side, Vec3>;
  wrists: Record<Side, Vec3>;
  fingertips: Record<Side, Vec3>;
  hips: Record<Side, Vec3>;
  knees: Record<Side, Vec3>;
  ankles: Record<Side, Vec3>;
  toes: Record<Side, Vec3>;
  neckBase: Vec3;
}
