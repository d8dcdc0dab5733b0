import type { Outfit } from '../../body';
import { bodyTarget, type BodyPlaceName, type ContactTarget } from '../../pose';

type Piece = 'top' | 'bottom';

/** What covers a place of the body; null where it is skin or hair. A jacket covers what the top does. */
const CLOTH: Record<BodyPlaceName, Piece | null> = {
  waistFront: 'top',
  waistSide: 'top',
  waistBack: 'top',
  hipCrest: 'top',
  seatBack: 'bottom',
  frontPocket: 'bottom',
  backPocket: 'bottom',
  thighTop: 'bottom',
  thighOuter: 'bottom',
  thighInner: 'bottom',
  kneeTop: 'bottom',
  kneeFront: 'bottom',
  kneeOuter: 'bottom',
  shin: 'bottom',
  calf: 'bottom',
  ankle: 'bottom',
  upperArm: 'top',
  upperArmBack: 'top',
  elbow: 'top',
  elbowCrook: 'top',
  forearm: null,
  wrist: null,
  cuff: 'top',
  handBack: null,
  collarbone: 'top',
  chest: 'top',
  lapel: 'top',
  ribs: 'top',
  shoulder: 'top',
  shoulderBack: 'top',
  neckSide: null,
  jaw: null,
  cheek: null,
  temple: null,
  ear: null,
  hairSide: null,
  belly: 'top',
  belt: 'bottom',
  hem: 'top',
  smallOfBack: 'top',
  breastbone: 'top',
  collar: 'top',
  nape: null,
  chin: null,
  underChin: null,
  lips: null,
  forehead: null,
  crown: null,
  hairBack: null,
};

/** The reflectance of the cloth at a place of somebody's body; null where there is none, linear, 0 to 1. */
export function clothAt(outfit: Outfit, to: ContactTarget): Outfit['top']['tone'] | null {
  const target = bodyTarget(to);
  const piece = target && CLOTH[target.place];
  if (!piece) return null;
  return piece === 'top' ? (outfit.jacket ?? outfit.top).tone : outfit.bottom.tone;
}
