import { project, viewOf } from '../../camera';
import type { Figure } from '../../figure';
import { canBeMoved, keyPutAt, sourceCentre } from '../../light';
import { directionFromFace, figureFor, pointFromFace, type StandIn } from '../../picture';
import type { Ground } from '../../scene';
import type { SoloShot } from '../../shot';
import { apart, type Vec3 } from '../../units';
import type { Adaptation } from './adaptation';

/** A key that has sunk below this share of its height over the eyes is no longer where it was meant (from memory). */
const SUNK_SHARE = 0.5;
/** By so much further over the eyes it may go where it would stand in the picture, degrees (from memory). */
const FURTHER_UP_DEG = [0, 15, 30] as const;
/** A lamp stands clear of the frame from here on, half frames (from memory: half of a large one is beside its middle). */
const BESIDE_FRAME = 1.25;
/** A stand keeps so far from what hangs behind the sitter, metres (common practice: its feet need that). */
const FROM_GROUND_M = 0.25;
/** Where the key stands as the face has it, and how far from it. */
function keyFromFace(standIn: StandIn, shot: SoloShot) {
  const figure = figureFor(standIn, shot, viewOf(shot.camera).eye);
  const at = sourceCentre(shot.light);
  return {
    figure,
    ...directionFromFace(standIn.body, figure, at),
    farM: apart(at, figure.points.nose),
  };
}

type FromFace = ReturnType<typeof keyFromFace>;

/** Where a key may stand that is to come from where it came, on either side: the one further from the floor first. */
function placesFor({ body }: StandIn, figure: Figure, { asideDeg, upDeg, farM }: FromFace): Vec3[] {
  const at = (aside: number, up: number) => pointFromFace(body, figure, aside, up, farM);
  return FURTHER_UP_DEG.flatMap((more) =>
    [at(asideDeg, upDeg + more), at(-asideDeg, upDeg + more)].sort((a, b) => b[1] - a[1]),
  );
}

/** Whether a lamp at a point would stand in the picture, or close beside it. */
function isInFrame({ camera }: SoloShot, place: Vec3): boolean {
  const { x, y, depthM } = project(viewOf(camera), place);
  return depthM > 0 && Math.max(Math.abs(x), Math.abs(y)) < BESIDE_FRAME;
}

/** Whether there is room for a stand before what is behind the sitter. */
function isBeforeGround(ground: Ground | undefined, [, , z]: Vec3): boolean {
  return ground === undefined || z > FROM_GROUND_M - ground.backgroundM;
}

/**
 * The key as it stood to the face, where a pose has turned the face so far up that it would come from below: at the same
 * angles and as far away, out of the picture, on the side of the face that is further from the floor. Other lamps stay.
 * As it is where it can not be moved, where others are lit by it too, or where no stand reaches.
 */
export function relit(
  standIn: StandIn,
  before: SoloShot,
  shot: SoloShot,
  ground: Ground | undefined,
): { shot: SoloShot; adaptations: Adaptation[] } {
  const asItIs = { shot, adaptations: [] };
  if (shot.among || !canBeMoved(shot.light)) return asItIs;
  const [was, is] = [keyFromFace(standIn, before), keyFromFace(standIn, shot)];
  if (was.upDeg <= 0 || is.upDeg >= SUNK_SHARE * was.upDeg) return asItIs;
  const light = placesFor(standIn, is.figure, was)
    .filter((place) => !isInFrame(shot, place) && isBeforeGround(ground, place))
    .map((place) => keyPutAt(shot.light, place))
    .find((l) => l !== null);
  if (!light) return asItIs;
  return { shot: { ...shot, light }, adaptations: [{ kind: 'lit', heightM: light.heightM }] };
}
