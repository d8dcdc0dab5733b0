import { expose, transfer, type ProxyMarked } from 'comlink';
import {
  cameraFor,
  dragged,
  lightFor,
  mend,
  whatReaches,
  type CameraGoal,
  type CameraProposal,
  type Handle,
  type LightGoal,
  type LightProposal,
  type MendResult,
  type MendWishes,
  type ReachingChange,
} from '@/core/adapt';
import {
  bodyFrom,
  girthsOf,
  measurableLengths,
  surfaceOf,
  type BodyProfile,
  type BodySurface,
  type GirthName,
  type LengthName,
  type Misfit,
} from '@/core/body';
import { standardOf, type Standard } from '@/core/brief';
import { viewOf } from '@/core/camera';
import { framedAsPlanned, shownWhole, type Planned } from '@/core/compose';
import { sentencesAfter, type Said } from '@/core/cues';
import { placesInReach, type Figure, type ReachablePlace } from '@/core/figure';
import {
  createStandIn,
  develop,
  figureFor,
  exposeLinear,
  faceSeenShare,
  readMeter,
  seeBodyLight,
  seeFace,
  seeLight,
  seeShot,
  shownStops,
  stopsMap,
  type BodyLight,
  type LightReading,
  type Meter,
  type MeterReading,
  type Picture,
  type SeeOptions,
  type StandIn,
  quickly,
} from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import type { Pose } from '@/core/pose';
import type { Ground, Room } from '@/core/scene';
import type { Framing, Lens } from '@/core/set';
import { isAtLeast, review, type Finding } from '@/core/review';
import {
  database,
  keepPicture,
  keepPoseView,
  keepWords,
  stayClosed,
  type PoseView,
  type PoseViewOf,
  type WayTo,
} from '@/data';
import type { Side, Vec3 } from '@/core/units';
import { arrangeAnew, arrangeInSteps, callOffArranging, exchangeTwo } from './arranging';
import { holdLock } from './holdLock';
import { reportOf, type PictureBytes, type RecomputeOptions, type ShotReport } from './shotReport';
import { PLANNING } from './planning';
import { SEARCHING } from './searching';
import { measuredSurface, onFineSet, onSet, surfaceFor } from './standIns';
import { wholeFigureShot } from './wholeFigure';

/** How the close picture of the face is shown. */
export interface FaceShown {
  as: 'picture' | 'stops';
  exposureStops: number;
  sizePx: number;
  /** On the fine surface, which may have to be built first. */
  isFine: boolean;
}

/** What a modelled body measures, metres. */
export interface Measures {
  girthsM: Record<GirthName, number>;
  lengthsM: Record<LengthName, number>;
  misfits: Misfit[];
}

/** Hears how many pieces of a surface are done. */
export type OnPiece = ((done: number, of: number) => void) & Partial<ProxyMarked>;

// what is kept for speed must not bring back a store that was cleared
stayClosed(database);

function buffersOf(surface: BodySurface): ArrayBuffer[] {
  return Object.values(surface).map((array) => array.buffer as ArrayBuffer);
}

/** A lit picture with the step of exposure of each place in place of its colour. */
function inStops({ surface, skinned }: StandIn, picture: Picture, exposureStops: number): PictureBytes {
  const { width, height } = picture;
  return { width, height, bytes: stopsMap(exposeLinear(picture, surface, skinned, exposureStops)) };
}

/** A lit picture, developed. */
function developed({ surface, skinned }: StandIn, picture: Picture, exposureStops = 0): PictureBytes {
  const { width, height } = picture;
  return { width, height, bytes: develop(picture, surface, skinned, exposureStops) };
}

function transferred(picture: PictureBytes): PictureBytes {
  return transfer(picture, [picture.bytes.buffer]);
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

/** The figure of a shot, or of another pose in its place, among the others. */
function figureIn(standIn: StandIn, shot: SoloShot, pose = shot.pose): Figure {
  return figureFor(standIn, { ...shot, pose }, viewOf(shot.camera).eye);
}

/** Pixels of the measuring picture per shown pixel in the library. */
const LIBRARY_SCALE = 1;

/** Recomputes until the browser has compiled what a recompute takes. Source: first pictures of the bench. */
const WARMING = 4;

function recomputed(
  standIn: StandIn,
  shot: SoloShot,
  standard: Standard,
  ground: Ground,
  options: RecomputeOptions,
): ShotReport {
  const report = () => reported(standIn, shot, standard, ground, options);
  return options.isQuick ? quickly(standIn, report) : report();
}

function reported(
  standIn: StandIn,
  shot: SoloShot,
  standard: Standard,
  ground: Ground,
  { preview: wantedPreview, standing }: RecomputeOptions,
): ShotReport {
  const start = performance.now();
  const isLit = wantedPreview !== null;
  const sight = seeShot(standIn, shot, { ground, lit: isLit, isGroundCoarse: isLit });
  const findings = review(sight, standard, new Set(standing));
  const report = reportOf(sight, findings, performance.now() - start);
  if (!wantedPreview) return report;
  const stops = shownStops(wantedPreview.exposure, shot, sight.meteredAt);
  return { ...report, preview: developed(standIn, sight.picture, stops) };
}

const api = {
  holdLock,

  /** Answers as soon as the worker is there. */
  wake: (): void => undefined,

  /** Hands the surface over that is measured; its stand-in is kept ready in this worker. */
  async measuredSurface(profile: BodyProfile): Promise<BodySurface> {
    const surface = structuredClone(await measuredSurface(profile));
    return transfer(surface, buffersOf(surface));
  },

  /** Hands the surface over that is drawn. `onPiece` hears of it where it has to be built first. */
  async drawnSurface(profile: BodyProfile, onPiece?: OnPiece): Promise<BodySurface> {
    const { surface } = await surfaceFor(profile, 'drawn', onPiece);
    return transfer(surface, buffersOf(surface));
  },

  /** What the modelled body measures, and the measures that contradict each other. */
  measures(profile: BodyProfile): Measures {
    const body = bodyFrom(profile);
    return {
      girthsM: girthsOf(body.fields, body.lengths),
      lengthsM: measurableLengths(body.lengths),
      misfits: body.misfits,
    };
  },

  /** Full recompute of a shot, on request with its picture. Throws what the core throws: a sentence with field, value and range. */
  async recompute(
    profile: BodyProfile,
    shot: SoloShot,
    standard: Standard,
    ground: Ground,
    options: RecomputeOptions,
  ): Promise<ShotReport> {
    const report = await onSet(profile, shot, (standIn) =>
      recomputed(standIn, shot, standard, ground, options),
    );
    return report.preview ? transfer(report, [report.preview.bytes.buffer]) : report;
  },

  /** Meets a sitter and works a shot out until the browser has compiled what that takes. */
  async warmUp(profile: BodyProfile, shot: SoloShot, standard: Standard, ground: Ground): Promise<void> {
    for (let i = 0; i < WARMING; i++) {
      await onSet(profile, shot, (standIn) =>
        recomputed(standIn, shot, standard, ground, { preview: { exposure: 0 }, isQuick: false }),
      );
      await new Promise((resolve) => setTimeout(resolve));
    }
  },

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

  /** How a sitter looks in a pose of the library, whole, and what is found of it; kept in the store. */
  async poseView(of: PoseViewOf, start: SoloShot): Promise<PoseView> {
    const { profile, pose } = of;
    const view = await onSet(profile, start, (standIn) => {
      const sight = seeShot(standIn, shownWhole(standIn, start, pose), { lit: true, scale: LIBRARY_SCALE });
      const findings = review(sight, standardOf(pose.message));
      const holdS = Math.min(...sight.figure.effort.map((e) => e.holdS));
      const faults = findings.filter(
        (f) => f.station !== 'camera' && f.station !== 'light' && isAtLeast(f.grade, 'fault'),
      ).length;
      const told = { faults, holdS: Number.isFinite(holdS) ? holdS : null };
      return { picture: developed(standIn, sight.picture), told };
    });
    await keepPoseView(database, of, view).catch(() => undefined);
    return view;
  },

  /** What is said on the way to a picture; kept in the store. */
  async words(way: WayTo): Promise<Said> {
    const { profile, from, shot, notByItself } = way;
    const said = await onSet(profile, shot, (standIn) => sentencesAfter(standIn, from, shot, notByItself));
    // a store that cannot be used only costs time
    await keepWords(database, way, said).catch(() => undefined);
    return said;
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
   * The figure standing at ease, seen whole from a way off. `coarse` builds it quickly, while measures are changing.
   */
  async figure(profile: BodyProfile, arcDeg: number, coarse: boolean): Promise<PictureBytes> {
    const shot = wholeFigureShot(profile.statureM, arcDeg);
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

  arrangeInSteps,
  callOffArranging,
  arrangeAnew,
  exchangeTwo,

  ...SEARCHING,
  ...PLANNING,

  /** The pose after a handle was dragged in the picture, by a way in the set, metres. */
  drag(profile: BodyProfile, shot: SoloShot, handle: Handle, by: Vec3): Promise<Pose> {
    const { eye } = viewOf(shot.camera);
    return onSet(profile, shot, (standIn) =>
      dragged(standIn.body, figureIn(standIn, shot), shot.pose, handle, by, eye),
    );
  },

  /** Places that the hand of one side can be laid on, in a pose. */
  places(profile: BodyProfile, shot: SoloShot, side: Side): Promise<ReachablePlace[]> {
    return onSet(profile, shot, (standIn) =>
      placesInReach(standIn.body, figureIn(standIn, shot), shot, side),
    );
  },

  /** Joints of another pose of the same sitter, to be drawn as a ghost. */
  ghost(profile: BodyProfile, pose: Pose, shot: SoloShot): Promise<Float64Array> {
    return onSet(profile, shot, (standIn) => figureIn(standIn, shot, pose).transforms);
  },

  /** The one change that would bring what stays short within reach. */
  reaching(profile: BodyProfile, shot: SoloShot): Promise<ReachingChange | undefined> {
    return onSet(profile, shot, (standIn) => whatReaches(shot.pose, (pose) => figureIn(standIn, shot, pose)));
  },

  /** What the light does to the face and along the body. */
  async light(profile: BodyProfile, shot: SoloShot, ground: Ground): Promise<LightReading> {
    return onSet(profile, shot, (standIn) => seeLight(standIn, shot, ground));
  },

  /** What the light does to body, outline and background. */
  async bodyLight(profile: BodyProfile, shot: SoloShot, ground: Ground): Promise<BodyLight> {
    return onSet(profile, shot, (standIn) => seeBodyLight(standIn, shot, ground));
  },

  /** What a light meter reads at a place of the set. */
  async meter(profile: BodyProfile, shot: SoloShot, ground: Ground, meter: Meter): Promise<MeterReading> {
    return onSet(profile, shot, (standIn) => readMeter(standIn, shot, ground, meter));
  },

  /** The face from the lens, developed, or with the stops of each place in place of its colour. */
  async face(profile: BodyProfile, shot: SoloShot, ground: Ground, shown: FaceShown): Promise<PictureBytes> {
    const asShown = shown.as === 'picture' ? developed : inStops;
    const see = (standIn: StandIn) =>
      asShown(standIn, seeFace(standIn, shot, ground, shown.sizePx), shown.exposureStops);
    return transferred(await (shown.isFine ? onFineSet : onSet)(profile, shot, see));
  },

  /** Lens, distance and height that do what is wanted; null when no lens holds the framing in the room. */
  async cameraFor(
    profile: BodyProfile,
    shot: SoloShot,
    goal: CameraGoal,
    framing: Framing,
    room: Room,
    lenses: Lens[],
  ): Promise<CameraProposal | null> {
    return onSet(profile, shot, (standIn) => cameraFor(standIn, shot, goal, framing, room, lenses));
  },

  /** A planned picture of a sitter as it is taken in a room. */
  framedAsPlanned(
    profile: BodyProfile,
    start: SoloShot,
    planned: Planned,
    room: Room,
    lenses: Lens[],
  ): Promise<SoloShot> {
    return onSet(profile, start, (standIn) => framedAsPlanned(standIn, start, planned, room, lenses));
  },

  /** A place of the key that draws a wanted pattern; null when the room has none. */
  async lightFor(
    profile: BodyProfile,
    shot: SoloShot,
    goal: LightGoal,
    room: Room,
  ): Promise<LightProposal | null> {
    return onSet(profile, shot, (standIn) => lightFor(standIn, shot, goal, room));
  },

  /** Looks for the smallest change that clears a finding. */
  async mend(
    profile: BodyProfile,
    shot: SoloShot,
    finding: Finding,
    wishes: MendWishes,
  ): Promise<MendResult> {
    return onSet(profile, shot, (standIn) => mend(standIn, shot, finding, wishes));
  },
};

export type StudioApi = typeof api;
expose(api);
