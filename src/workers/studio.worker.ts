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
  type Body,
  type BodyProfile,
  type BodySurface,
  type Detail,
  type GirthName,
  type LengthName,
  type Misfit,
} from '@/core/body';
import type { WantedRanges } from '@/core/brief';
import { figureOf, placesInReach, type ReachablePlace } from '@/core/figure';
import {
  createStandIn,
  develop,
  exposeLinear,
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
  type StandIn,
} from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import type { Pose } from '@/core/pose';
import type { Ground, Room } from '@/core/scene';
import type { Framing, Lens } from '@/core/set';
import { review, type Finding } from '@/core/review';
import { database, keepPicture, keepSurface, keptPicture, keptSurface, stayClosed } from '@/data';
import type { Side, Vec3 } from '@/core/units';
import { alone } from './alone';
import { castAndKeep, takeKeptHead } from './headCasting';
import { holdLock } from './holdLock';
import { roleOf } from './roles';
import { reportOf, type PictureBytes, type PreviewWanted, type ShotReport } from './shotReport';
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

interface Loaded {
  body: Body;
  standIn: StandIn;
  /** The same on the fine surface, for pictures that are looked at closely. */
  fine?: Promise<StandIn>;
}
/** Hears how many pieces of a surface are done. */
export type OnPiece = ((done: number, of: number) => void) & Partial<ProxyMarked>;

/**
 * A surface from the store, or built and kept there: by one worker, while another that wants it waits. A store that
 * cannot be used only costs time.
 */
async function surfaceFor(body: Body, detail: Detail, onPiece?: OnPiece): Promise<BodySurface> {
  const kept = () => keptSurface(database, body.profile, detail).catch(() => undefined);
  return (
    (await kept()) ??
    alone(`surface ${detail} ${JSON.stringify(body.profile)}`, async () => {
      const meanwhile = await kept();
      if (meanwhile) return meanwhile;
      const surface = surfaceOf(body, detail, onPiece);
      await keepSurface(database, body.profile, detail, surface).catch(() => undefined);
      return surface;
    })
  );
}

// what is kept for speed must not bring back a store that was cleared
stayClosed(database);

/** Whether this worker does what nobody waits for. */
const IS_BACKSTAGE = roleOf(self.name) === 'backstage';

/** The newest body, so that its stand-in is built once. */
let newest: { key: string; loaded: Promise<Loaded> } | undefined;

function loadedFor(profile: BodyProfile): Promise<Loaded> {
  const key = JSON.stringify(profile);
  if (newest?.key !== key) {
    const body = bodyFrom(profile);
    const loaded = load(body);
    newest = { key, loaded };
    if (IS_BACKSTAGE)
      void loaded.then(({ standIn }) => castAndKeep(standIn, () => newest?.loaded === loaded));
  }
  return newest.loaded;
}

async function load(body: Body): Promise<Loaded> {
  const standIn = createStandIn(body, await surfaceFor(body, 'measured'));
  await takeKeptHead(standIn);
  return { body, standIn };
}

async function fineStandInFor(profile: BodyProfile): Promise<StandIn> {
  const loaded = await loadedFor(profile);
  const { body, standIn } = loaded;
  loaded.fine ??= surfaceFor(body, 'drawn').then((surface) => createStandIn(body, surface, standIn));
  return loaded.fine;
}

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

function sketchFor(profile: BodyProfile): { standIn: StandIn } {
  const body = bodyFrom(profile);
  return { standIn: createStandIn(body, surfaceOf(body, 'sketched')) };
}

/** Recomputes until the browser has compiled what a recompute takes. Source: first pictures of the bench. */
const WARMING = 4;

function recomputed(
  standIn: StandIn,
  shot: SoloShot,
  wanted: WantedRanges,
  ground: Ground,
  wantedPreview: PreviewWanted | null,
): ShotReport {
  const start = performance.now();
  const isLit = wantedPreview !== null;
  const sight = seeShot(standIn, shot, { ground, lit: isLit, isGroundCoarse: isLit });
  const findings = review(sight, wanted);
  const report = reportOf(sight, findings, performance.now() - start);
  if (!wantedPreview) return report;
  const stops = shownStops(wantedPreview.exposure, shot, sight.figure.points.nose);
  return { ...report, preview: developed(standIn, sight.picture, stops) };
}

const api = {
  holdLock,

  /** Answers as soon as the worker is there. */
  wake: (): void => undefined,

  /** Builds a surface and hands it over; the measuring stand-in is kept ready in this worker. */
  async surface(profile: BodyProfile, detail: Detail, onPiece?: OnPiece): Promise<BodySurface> {
    const { body, standIn } = await loadedFor(profile);
    const surface =
      detail === 'measured' ? structuredClone(standIn.surface) : await surfaceFor(body, detail, onPiece);
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
    wanted: WantedRanges,
    ground: Ground,
    preview: PreviewWanted | null,
  ): Promise<ShotReport> {
    const report = recomputed((await loadedFor(profile)).standIn, shot, wanted, ground, preview);
    return report.preview ? transfer(report, [report.preview.bytes.buffer]) : report;
  },

  /** Meets a sitter and works a shot out until the browser has compiled what that takes. */
  async warmUp(profile: BodyProfile, shot: SoloShot, wanted: WantedRanges, ground: Ground): Promise<void> {
    const { standIn } = await loadedFor(profile);
    for (let i = 0; i < WARMING; i++) {
      recomputed(standIn, shot, wanted, ground, { exposure: 0 });
      await new Promise((resolve) => setTimeout(resolve));
    }
  },

  /** Develops the measuring picture of a shot; with the ground, background and floor are lit too. */
  async picture(profile: BodyProfile, shot: SoloShot, scale: number, ground?: Ground): Promise<PictureBytes> {
    const { standIn } = await loadedFor(profile);
    const sight = seeShot(standIn, shot, { lit: true, scale, ground });
    return transferred(developed(standIn, sight.picture));
  },

  /** The measuring picture of a shot, developed small: from the store, or worked out and kept there. */
  async smallPicture(profile: BodyProfile, shot: SoloShot, scale: number): Promise<PictureBytes> {
    const of = { profile, shot, scale };
    // a store that cannot be used only costs time
    const kept = await keptPicture(database, of).catch(() => undefined);
    if (kept) return transferred(kept);
    const { standIn } = await loadedFor(profile);
    const picture = developed(standIn, seeShot(standIn, shot, { lit: true, scale }).picture);
    await keepPicture(database, of, picture).catch(() => undefined);
    return transferred(picture);
  },

  /** The measuring picture with the step of exposure of each place in place of its colour. */
  async stops(
    profile: BodyProfile,
    shot: SoloShot,
    scale: number,
    ground: Ground,
    exposureStops: number,
  ): Promise<PictureBytes> {
    const { standIn } = await loadedFor(profile);
    const { picture } = seeShot(standIn, shot, { lit: true, scale, ground });
    return transferred(inStops(standIn, picture, exposureStops));
  },

  /**
   * The figure standing at ease, seen whole from a way off. `coarse` builds it quickly, while measures are changing.
   */
  async figure(profile: BodyProfile, arcDeg: number, coarse: boolean): Promise<PictureBytes> {
    const { standIn } = coarse ? sketchFor(profile) : await loadedFor(profile);
    const sight = seeShot(standIn, wholeFigureShot(profile.statureM, arcDeg), { lit: true, scale: 2 });
    return transferred(developed(standIn, sight.picture));
  },

  /** Part labels of the measuring picture, one byte a pixel. */
  async labels(
    profile: BodyProfile,
    shot: SoloShot,
    scale: number,
  ): Promise<{ width: number; height: number; labels: Uint8Array }> {
    const { standIn } = await loadedFor(profile);
    const { picture } = seeShot(standIn, shot, { scale });
    return { width: picture.width, height: picture.height, labels: picture.label };
  },

  /** The pose after a handle was dragged in the picture, by a way in the set, metres. */
  async drag(profile: BodyProfile, pose: Pose, lens: Vec3, handle: Handle, by: Vec3): Promise<Pose> {
    const { body } = await loadedFor(profile);
    return dragged(body, figureOf(body, pose, { lens }), pose, handle, by, lens);
  },

  /** Places that the hand of one side can be laid on, in a pose. */
  async places(profile: BodyProfile, pose: Pose, lens: Vec3, side: Side): Promise<ReachablePlace[]> {
    const { body } = await loadedFor(profile);
    return placesInReach(body, figureOf(body, pose, { lens }), pose, side);
  },

  /** Joints of another pose of the same sitter, to be drawn as a ghost. */
  async ghost(profile: BodyProfile, pose: Pose, lens: Vec3): Promise<Float64Array> {
    const { body } = await loadedFor(profile);
    return figureOf(body, pose, { lens }).transforms;
  },

  /** The one change that would bring what stays short within reach. */
  async reaching(profile: BodyProfile, pose: Pose, lens: Vec3): Promise<ReachingChange | undefined> {
    return whatReaches((await loadedFor(profile)).body, pose, { lens });
  },

  /** What the light does to the face and along the body. */
  async light(profile: BodyProfile, shot: SoloShot, ground: Ground): Promise<LightReading> {
    return seeLight((await loadedFor(profile)).standIn, shot, ground);
  },

  /** What the light does to body, outline and background. */
  async bodyLight(profile: BodyProfile, shot: SoloShot, ground: Ground): Promise<BodyLight> {
    return seeBodyLight((await loadedFor(profile)).standIn, shot, ground);
  },

  /** What a light meter reads at a place of the set. */
  async meter(profile: BodyProfile, shot: SoloShot, ground: Ground, meter: Meter): Promise<MeterReading> {
    return readMeter((await loadedFor(profile)).standIn, shot, ground, meter);
  },

  /** The face from the lens, developed, or with the stops of each place in place of its colour. */
  async face(profile: BodyProfile, shot: SoloShot, ground: Ground, shown: FaceShown): Promise<PictureBytes> {
    const standIn = shown.isFine ? await fineStandInFor(profile) : (await loadedFor(profile)).standIn;
    const picture = seeFace(standIn, shot, ground, shown.sizePx);
    if (shown.as === 'picture') return transferred(developed(standIn, picture, shown.exposureStops));
    return transferred(inStops(standIn, picture, shown.exposureStops));
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
    return cameraFor((await loadedFor(profile)).standIn, shot, goal, framing, room, lenses);
  },

  /** A place of the key that draws a wanted pattern; null when the room has none. */
  async lightFor(
    profile: BodyProfile,
    shot: SoloShot,
    goal: LightGoal,
    room: Room,
  ): Promise<LightProposal | null> {
    return lightFor((await loadedFor(profile)).standIn, shot, goal, room);
  },

  /** Looks for the smallest change that clears a finding. */
  async mend(
    profile: BodyProfile,
    shot: SoloShot,
    finding: Finding,
    wishes: MendWishes,
  ): Promise<MendResult> {
    return mend((await loadedFor(profile)).standIn, shot, finding, wishes);
  },
};

export type StudioApi = typeof api;
expose(api);
