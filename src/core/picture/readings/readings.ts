import { bindArmDirection, jointIndex, type Body, type PartName } from '../../body';
import { project, type Projected } from '../../camera';
import { turned, type Figure } from '../../figure';
import { degrees, SIDES, sideSign, type Side, type Vec3 } from '../../units';
import { waistDaylight, type Daylight } from './daylight';
import { partShares, type PartShare } from './enlargement';
import { eyeViews, type EyeView } from './eyeView';
import { frameCuts, type FrameCut } from './frameCut';
import type { Picture } from '../raster/picture';

/** Which face of a hand the lens sees. */
export interface HandView {
  /** Pixels of the hand over those of the face. */
  ofFace: number;
  shows: 'palm' | 'back' | 'edge';
}

/** Everything measured on one picture. */
export interface Readings {
  shares: Map<PartName, PartShare>;
  daylight: Partial<Record<Side, Daylight>>;
  hands: Partial<Record<Side, HandView>>;
  cuts: FrameCut[];
  eyes: Partial<Record<Side, EyeView>>;
  /** Tilt of the lines through shoulders and hips in the picture, degrees, sitter's left up positive. */
  lineDeg: { shoulders: number; hips: number };
  /** Jaw clear of the neck against the same sitter at ease, see `jawOfNeutral`; null where it cannot be judged. */
  jawShare: number | null;
  /** Lens height against the face, metres: chin and lower lip are heights over the floor. */
  faceHeight: { chinM: number; lowerLipM: number; eyesM: number };
  /** Face height over frame height. */
  faceInFrame: number;
}

/** Measures a picture of a figure. */
export function readPicture(picture: Picture, body: Body, figure: Figure, jawShare: number | null): Readings {
  const { points } = figure;
  const shares = partShares(picture);
  const face = shares.get('face');
  const hands: Readings['hands'] = {};
  for (const side of SIDES) {
    const hand = shares.get(`${side}:hand`);
    if (hand && face)
      hands[side] = { ofFace: hand.pixels / face.pixels, shows: handShows(figure, side, picture.view.eye) };
  }
  const crown = project(picture.view, points.crown);
  const chin = project(picture.view, points.chin);
  return {
    shares,
    daylight: waistDaylight(picture, points),
    hands,
    cuts: frameCuts(picture, points),
    eyes: eyeViews(body, figure, picture.view.eye),
    lineDeg: {
      shoulders: pictureLineDeg(picture, points.shoulders),
      hips: pictureLineDeg(picture, points.hips),
    },
    jawShare,
    faceHeight: {
      chinM: points.chin[1],
      lowerLipM: points.lowerLip[1],
      eyesM: (points.eyes.left[1] + points.eyes.right[1]) / 2,
    },
    faceInFrame: faceShare(picture, crown, chin),
  };
}

/** Length of the face from crown to chin over the frame's height, however the picture is rolled. */
function faceShare({ view }: Picture, crown: Projected, chin: Projected): number {
  const across = ((crown.x - chin.x) * view.tanHalfWidth) / view.tanHalfHeight;
  return Math.hypot(across, crown.y - chin.y) / 2;
}

/** Below this cosine between line of view and palm the hand is seen edge on. */
const EDGE_COSINE = 0.5;

function handShows(figure: Figure, side: Side, lens: Vec3): HandView['shows'] {
  const j = jointIndex(`${side}:hand`);
  const p = figure.frames.position[j]!;
  const arm = bindArmDirection(side);
  const backInBind: Vec3 = [-arm[1] * sideSign(side), arm[0] * sideSign(side), 0];
  const back = turned(backInBind, figure.frames.rotation[j]!);
  const d: Vec3 = [lens[0] - p[0], lens[1] - p[1], lens[2] - p[2]];
  const cos = (back[0] * d[0] + back[1] * d[1] + back[2] * d[2]) / Math.hypot(...d);
  if (Math.abs(cos) < EDGE_COSINE) return 'edge';
  return cos > 0 ? 'back' : 'palm';
}

function pictureLineDeg(picture: Picture, pair: Record<Side, Vec3>): number {
  const a = project(picture.view, pair.left);
  const b = project(picture.view, pair.right);
  const aspect = picture.view.tanHalfHeight / picture.view.tanHalfWidth;
  const dx = a.x - b.x;
  const tilt = degrees(Math.atan2((a.y - b.y) * aspect, Math.abs(dx)));
  return Math.abs(dx) < 0.005 ? 0 : tilt;
}
