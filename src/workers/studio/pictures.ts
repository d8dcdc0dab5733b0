import { bodyFrom, surfaceOf, type BodyProfile } from '@/core/body';
import { standardOf } from '@/core/brief';
import { shownWhole } from '@/core/compose';
import {
  createStandIn,
  faceSeenShare,
  seeFace,
  seeShot,
  type SeeOptions,
  type StandIn,
} from '@/core/picture';
import { fit } from '@/core/library';
import type { Pose } from '@/core/pose';
import { isAtLeast, review } from '@/core/review';
import type { Ground } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import { database, keepPicture, keepPoseView, type PoseView, type PoseViewOf } from '@/data';
import type { PictureBytes } from '../shotReport';
import { developed, inStops, transferred } from './developing';
import { onFineSet, onSet } from './standIns';
import { stoppable } from './stoppable';
import { faceShot, wholeFigureShot } from './wholeFigure';

/** Pixels of the measuring picture per shown pixel in the library. */
const LIBRARY_SCALE = 1;

/** How the close picture of the face is shown. */
export interface FaceShown {
  as: 'picture' | 'stops';
  exposureStops: number;
  sizePx: number;
  /** On the fine surface, which may have to be built first. */
  isFine: boolean;
}

function sketchFor(profile: BodyProfile): StandIn {
  const body = bodyFrom(profile);
  return createStandIn(body, surfaceOf(body, 'sketched'));
}

/** The lit measuring picture of a shot, developed. */
function pictureOf(profile: BodyProfile, shot: SoloShot, options: SeeOptions): Promise<PictureBytes> {
  return onSet(profile, shot, (standIn) =>
    developed(standIn, seeShot(standIn, shot, { ...options, lit: true }).picture),
  );
}

/** A pose on a sitter, whole, and what is found of it besides camera and light, which are none of the pose's. */
function viewOf(standIn: StandIn, start: SoloShot, pose: Pose, changes: number | null): PoseView {
  const sight = seeShot(standIn, shownWhole(standIn, start, pose), { lit: true, scale: LIBRARY_SCALE });
  const holdS = Math.min(...sight.figure.effort.map((e) => e.holdS));
  const faults = review(sight, standardOf(pose.message)).filter(
    (f) => f.station !== 'camera' && f.station !== 'light' && isAtLeast(f.grade, 'fault'),
  ).length;
  const told = { faults, changes, holdS: Number.isFinite(holdS) ? holdS : null };
  return { picture: developed(standIn, sight.picture), told };
}

/** The fit that is being worked out: the next one waits for it, and others have the worker between its steps. */
let fitted: Promise<unknown> = Promise.resolve();

async function fittedViewOf(of: PoseViewOf, start: SoloShot): Promise<PoseView> {
  const { profile, pose } = of;
  const whole = await onSet(profile, start, (standIn) => shownWhole(standIn, start, start.pose));
  const steps = await onSet(profile, start, (standIn) => fit(standIn, whole, pose));
  const found = await stoppable().run(() => onSet(profile, start, () => steps.next()));
  const { shot, adaptations } = found!;
  const ofPose = adaptations.filter(({ kind }) => kind !== 'framed' && kind !== 'lit').length;
  const view = await onSet(profile, start, (standIn) => viewOf(standIn, start, shot.pose, ofPose));
  await keepPoseView(database, of, view).catch(() => undefined);
  return view;
}

/** Pictures that are shown small or as they are measured. */
export const PICTURES = {
  /** Develops the measuring picture of a shot; with the ground, background and floor are lit too. */
  async picture(profile: BodyProfile, shot: SoloShot, scale: number, ground?: Ground): Promise<PictureBytes> {
    return transferred(await pictureOf(profile, shot, { scale, ground }));
  },

  /** The measuring picture of a shot, developed small, and kept in the store. */
  async smallPicture(profile: BodyProfile, shot: SoloShot, scale: number): Promise<PictureBytes> {
    const picture = await pictureOf(profile, shot, { scale });
    // a store that cannot be used only costs time
    await keepPicture(database, { profile, shot, scale }, picture).catch(() => undefined);
    return transferred(picture);
  },

  /** How a sitter looks in a pose of the library as it is, whole, and what is found of it. */
  poseView({ profile, pose }: PoseViewOf, start: SoloShot): Promise<PoseView> {
    return onSet(profile, start, (standIn) => viewOf(standIn, start, pose, null));
  },

  /** The same fitted to the sitter, as choosing it would; kept in the store. One is fitted after the other. */
  fittedView(of: PoseViewOf, start: SoloShot): Promise<PoseView> {
    const view = fitted.then(() => fittedViewOf(of, start));
    fitted = view.catch(() => undefined);
    return view;
  },

  /** The measuring picture with the step of exposure of each place in place of its colour. */
  async stops(
    profile: BodyProfile,
    shot: SoloShot,
    scale: number,
    ground: Ground,
    exposureStops: number,
  ): Promise<PictureBytes> {
    return onSet(profile, shot, (standIn) => {
      const { picture } = seeShot(standIn, shot, { lit: true, scale, ground });
      return transferred(inStops(standIn, picture, exposureStops));
    });
  },

  /**
   * The figure standing at ease, seen whole from a way off, or its face. `coarse` builds it quickly, while measures are
   * changing.
   */
  async figure(
    profile: BodyProfile,
    { arcDeg, isFace }: { arcDeg: number; isFace: boolean },
    coarse: boolean,
  ): Promise<PictureBytes> {
    const shot = (isFace ? faceShot : wholeFigureShot)(profile.statureM, arcDeg);
    if (!coarse) return transferred(await pictureOf(profile, shot, { scale: 2 }));
    const sketch = sketchFor(profile);
    return transferred(developed(sketch, seeShot(sketch, shot, { lit: true, scale: 2 }).picture));
  },

  /** Part labels of the measuring picture, one byte a pixel. */
  async labels(
    profile: BodyProfile,
    shot: SoloShot,
    scale: number,
  ): Promise<{ width: number; height: number; labels: Uint8Array }> {
    return onSet(profile, shot, (standIn) => {
      const { width, height, label } = seeShot(standIn, shot, { scale }).picture;
      return { width, height, labels: label };
    });
  },

  /** How much of the sitter's face is seen past the others, 0 to 1; null where it is not in the picture. */
  faceSeen(profile: BodyProfile, shot: SoloShot): Promise<number | null> {
    return onSet(profile, shot, (standIn) => faceSeenShare(standIn, shot));
  },

  /** The face from the lens, developed, or with the stops of each place in place of its colour. */
  async face(profile: BodyProfile, shot: SoloShot, ground: Ground, shown: FaceShown): Promise<PictureBytes> {
    const asShown = shown.as === 'picture' ? developed : inStops;
    const see = (standIn: StandIn) =>
      asShown(standIn, seeFace(standIn, shot, ground, shown.sizePx), shown.exposureStops);
    return transferred(await (shown.isFine ? onFineSet : onSet)(profile, shot, see));
  },
};
