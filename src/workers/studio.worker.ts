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
import { viewOf } from '@/core/camera';
import { figureOf, placesInReach, type FigureScene, type ReachablePlace } from '@/core/figure';
import {
  createStandIn,
  develop,
  figureFor,
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
import type { Role, SoloShot } from '@/core/shot';
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

/** Bodies that were asked for last, so that the stand-in of each is built once; the newest last. */
const bodies = new Map<string, Promise<Loaded>>();
/** So many are kept where no picture shows more people. */
const MOST_BODIES = 4;

/** @param twin which one it is among people of a picture who are built alike: each stands in for one alone. */
function loadedFor(profile: BodyProfile, twin = 0, most = MOST_BODIES): Promise<Loaded> {
  const key = JSON.stringify([profile, twin]);
  const known = bodies.get(key);
  const loaded = known ?? load(bodyFrom(profile));
  bodies.delete(key);
  bodies.set(key, loaded);
  while (bodies.size > most) bodies.delete(bodies.keys().next().value!);
  if (!known && IS_BACKSTAGE) void loaded.then(({ standIn }) => castAndKeep(standIn, () => bodies.has(key)));
  // a body that could not be had is asked for anew
  void loaded.catch(() => bodies.delete(key));
  return loaded;
}

async function load(body: Body): Promise<Loaded> {
  const standIn = createStandIn(body, await surfaceFor(body, 'measured'));
  await takeKeptHead(standIn);
  return { body, standIn };
}

/** Who stands in for the others of a picture, by their roles. */
async function companyFor(profile: BodyProfile, { among }: SoloShot): Promise<StandIn['company']> {
  const others = among?.others ?? [];
  const seen = [JSON.stringify(profile)];
  const most = Math.max(MOST_BODIES, others.length + 1);
  const company = new Map<Role, StandIn>();
  for (const { role, profile: theirs } of others) {
    const key = JSON.stringify(theirs);
    const twin = seen.filter((k) => k === key).length;
    seen.push(key);
    company.set(role, (await loadedFor(theirs, twin, most)).standIn);
  }
  return company;
}

/** Who stands in for the sitter of a shot, among those for the others. */
async function standInFor(profile: BodyProfile, shot: SoloShot): Promise<StandIn> {
  const company = await companyFor(profile, shot);
  const { standIn } = await loadedFor(profile, 0, Math.max(MOST_BODIES, company.size + 1));
  standIn.company = company;
  return standIn;
}

async function fineStandInFor(profile: BodyProfile, shot: SoloShot): Promise<StandIn> {
  const standIn = await standInFor(profile, shot);
  const loaded = await loadedFor(profile);
  const { body } = loaded;
  loaded.fine ??= surfaceFor(body, 'drawn').then((surface) => createStandIn(body, surface, standIn));
  const fine = await loaded.fine;
  fine.company = standIn.company;
  return fine;
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
  const stops = shownStops(wantedPreview.exposure, shot, sight.meteredAt);
  return { ...report, preview: developed(standIn, sight.picture, stops) };
}

/** Where the figure of a shot stands, and from where it is looked at. */
function sceneOf({ camera, mark }: SoloShot): FigureScene {
  return { lens: viewOf(camera).eye, mark };
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
    const report = recomputed(await standInFor(profile, shot), shot, wanted, ground, preview);
    return report.preview ? transfer(report, [report.preview.bytes.buffer]) : report;
  },

  /** Meets a sitter and works a shot out until the browser has compiled what that takes. */
  async warmUp(profile: BodyProfile, shot: SoloShot, wanted: WantedRanges, ground: Ground): Promise<void> {
    const standIn = await standInFor(profile, shot);
    for (let i = 0; i < WARMING; i++) {
      recomputed(standIn, shot, wanted, ground, { exposure: 0 });
      await new Promise((resolve) => setTimeout(resolve));
    }
  },

  /** Develops the measuring picture of a shot; with the ground, background and floor are lit too. */
  async picture(profile: BodyProfile, shot: SoloShot, scale: number, ground?: Ground): Promise<PictureBytes> {
    const standIn = await standInFor(profile, shot);
    const sight = seeShot(standIn, shot, { lit: true, scale, ground });
    return transferred(developed(standIn, sight.picture));
  },

  /** The measuring picture of a shot, developed small: from the store, or worked out and kept there. */
  async smallPicture(profile: BodyProfile, shot: SoloShot, scale: number): Promise<PictureBytes> {
    const of = { profile, shot, scale };
    // a store that cannot be used only costs time
    const kept = await keptPicture(database, of).catch(() => undefined);
    if (kept) return transferred(kept);
    const standIn = await standInFor(profile, shot);
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
    const standIn = await standInFor(profile, shot);
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
    const standIn = await standInFor(profile, shot);
    const { picture } = seeShot(standIn, shot, { scale });
    return { width: picture.width, height: picture.height, labels: picture.label };
  },

  /** The pose after a handle was dragged in the picture, by a way in the set, metres. */
  async drag(profile: BodyProfile, shot: SoloShot, handle: Handle, by: Vec3): Promise<Pose> {
    const standIn = await standInFor(profile, shot);
    const { lens } = sceneOf(shot);
    return dragged(standIn.body, figureFor(standIn, shot, lens), shot.pose, handle, by, lens);
  },

  /** Places that the hand of one side can be laid on, in a pose. */
  async places(profile: BodyProfile, shot: SoloShot, side: Side): Promise<ReachablePlace[]> {
    const standIn = await standInFor(profile, shot);
    return placesInReach(standIn.body, figureFor(standIn, shot, sceneOf(shot).lens), shot, side);
  },

  /** Joints of another pose of the same sitter, to be drawn as a ghost. */
  async ghost(profile: BodyProfile, pose: Pose, shot: SoloShot): Promise<Float64Array> {
    const { body } = await loadedFor(profile);
    return figureOf(body, pose, sceneOf(shot)).transforms;
  },

  /** The one change that would bring what stays short within reach. */
  async reaching(profile: BodyProfile, shot: SoloShot): Promise<ReachingChange | undefined> {
    return whatReaches((await loadedFor(profile)).body, shot.pose, sceneOf(shot));
  },

  /** What the light does to the face and along the body. */
  async light(profile: BodyProfile, shot: SoloShot, ground: Ground): Promise<LightReading> {
    return seeLight(await standInFor(profile, shot), shot, ground);
  },

  /** What the light does to body, outline and background. */
  async bodyLight(profile: BodyProfile, shot: SoloShot, ground: Ground): Promise<BodyLight> {
    return seeBodyLight(await standInFor(profile, shot), shot, ground);
  },

  /** What a light meter reads at a place of the set. */
  async meter(profile: BodyProfile, shot: SoloShot, ground: Ground, meter: Meter): Promise<MeterReading> {
    return readMeter(await standInFor(profile, shot), shot, ground, meter);
  },

  /** The face from the lens, developed, or with the stops of each place in place of its colour. */
  async face(profile: BodyProfile, shot: SoloShot, ground: Ground, shown: FaceShown): Promise<PictureBytes> {
    const standIn = shown.isFine ? await fineStandInFor(profile, shot) : await standInFor(profile, shot);
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
    return cameraFor(await standInFor(profile, shot), shot, goal, framing, room, lenses);
  },

  /** A place of the key that draws a wanted pattern; null when the room has none. */
  async lightFor(
    profile: BodyProfile,
    shot: SoloShot,
    goal: LightGoal,
    room: Room,
  ): Promise<LightProposal | null> {
    return lightFor(await standInFor(profile, shot), shot, goal, room);
  },

  /** Looks for the smallest change that clears a finding. */
  async mend(
    profile: BodyProfile,
    shot: SoloShot,
    finding: Finding,
    wishes: MendWishes,
  ): Promise<MendResult> {
    return mend(await standInFor(profile, shot), shot, finding, wishes);
  },
};

export type StudioApi = typeof api;
expose(api);
