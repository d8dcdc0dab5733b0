import type { SoloShot } from '@/core/shot';
import { isSky, type Placed } from '@/core/light';
import { radians } from '@/core/units';
import type { ShotReport } from '@/workers/shotReport';
import { DRAWING_WIDTH } from '../dragOnDrawing';

/** The set seen from the side of the lens axis, in the units of the drawing. */
export interface Elevation {
  /** Where the set's own mark is, where the sitter stands, and where the lens. */
  markX: number;
  sitterX: number;
  lensX: number;
  /** Where the others of the picture stand, and the heights of their crowns, metres. */
  others: readonly { x: number; crownM: number }[];
  /** Units of the drawing a metre. */
  scale: number;
  /** Heights over the floor, metres: the sitter's crown and eyes. */
  crownM: number;
  eyesM: number;
  textSize: number;
  Y(heightM: number): number;
  /** Height over the floor at a place of the drawing, metres. */
  toHeightM(y: number): number;
  /** How far before the sitter a place of the set stands along the lens axis, in the drawing. */
  along(place: readonly number[]): number;
}

export const ELEVATION_HEIGHT = 118;
export const FLOOR_Y = 98;
const MARK_X = 30;
/** Room for the lens axis and for what stands high. */
const ROOM = { along: 150, up: 84 };
/** Nothing is drawn nearer to the ends than this. */
const EDGE = 6;

/** An open sky is drawn as a source above every head, metres. */
const SKY_TOP_M = 2.6;
/** A usual sitter, before the first report, and the eyes below the crown, metres. */
const USUAL_CROWN_M = 1.8;
const EYES_BELOW_CROWN_M = 0.12;

/** Heights that the drawing has to hold for the lights, metres. */
function sourceTopsM({ light }: SoloShot): number[] {
  const sources: Placed[] = [light, ...(light.others ?? [])];
  return sources.map((s) => (isSky(s.kind) ? SKY_TOP_M : s.heightM + s.sizeM / 2));
}

export function elevationOf(shot: SoloShot, report: ShotReport | null, textSize: number): Elevation {
  const { camera } = shot;
  const crownM = report?.points.crown[1] ?? USUAL_CROWN_M;
  const theirCrowns = report?.others.map((o) => o.crown) ?? [];
  const highestM = Math.max(
    crownM + 0.1,
    ...theirCrowns.map((c) => c[1] + 0.1),
    camera.heightM + 0.15,
    ...sourceTopsM(shot),
  );
  const scale = Math.min(ROOM.along / Math.max(2.2, camera.distanceM), ROOM.up / highestM);
  const arc = radians(camera.arcDeg);
  const along = ([x, , z]: readonly number[]) => {
    const at = MARK_X + (x! * Math.sin(arc) + z! * Math.cos(arc)) * scale;
    return Math.min(DRAWING_WIDTH - EDGE, Math.max(EDGE, at));
  };
  return {
    markX: MARK_X,
    // one who is alone stands on the mark, however the head is carried
    sitterX: report && report.others.length > 0 ? along(report.points.neckBase) : MARK_X,
    lensX: MARK_X + camera.distanceM * scale,
    others: theirCrowns.map((crown) => ({ x: along(crown), crownM: crown[1] })),
    scale,
    crownM,
    eyesM: report ? report.points.eyes.left[1] : crownM - EYES_BELOW_CROWN_M,
    textSize,
    Y: (heightM) => FLOOR_Y - heightM * scale,
    toHeightM: (y) => (FLOOR_Y - y) / scale,
    along,
  };
}
