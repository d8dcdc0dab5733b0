import type { Body, BodySurface } from '../body';
import {
  createSkinned,
  figureOf,
  lookingFrom,
  posedBody,
  posedTogether,
  pressFlesh,
  skinEyes,
  skinSurfaceFast,
  type Figure,
  type PosedBody,
  type SkinnedSurface,
  type ToPose,
} from '../figure';
import { faceShares, neutralPose } from '../pose';
import { viewTowards } from '../camera';
import { supportMesh, type Support, type SupportMesh } from '../scene';
import type { Vec3 } from '../units';
import {
  faceChartOf,
  isOfHead,
  throatOf,
  type FaceChart,
  type HeadVertices,
  type LitFace,
  type Throat,
} from './face';
import type { KeptShadows } from './shade/closeShadows';
import { createPictureMemory, type PictureMemory } from './raster/takePicture';
import type { Raster } from './raster/raster';
import { createFaceMemory, jawStepMm, levelJawMm, type FaceMemory } from './readings/jaw';
import type { Role, SoloShot } from '../shot';
import type { BesideMesh } from './raster/picture';

/** One sitter's body and surface with the memory that taking pictures of it needs: it stands where the sitter will. */
export interface StandIn {
  body: Body;
  surface: BodySurface;
  skinned: SkinnedSurface;
  memory: PictureMemory;
  face: FaceMemory;
  /** Depth step of the sitter's own jaw at ease, millimetres; measured with the first picture. */
  neutralJawMm: number | undefined;
  /** Rasters of the close picture. */
  close: PictureMemory;
  /** Shadows round the face from each lamp, as they were cast last. */
  closeShadows: (KeptShadows | undefined)[];
  /** Rasters of the picture of the neck. */
  neck: PictureMemory;
  /** Places of the face that light is read on; made when light is first asked for. */
  chart: FaceChart | undefined;
  /** The front of the neck; found when its shadow is first asked for. */
  throat: Throat | undefined;
  /** Vertices of the head, and the triangles of the rest; made with the first close picture. */
  head: HeadVertices | undefined;
  bodyTriangles: Uint32Array | undefined;
  /** Raster of what may shade the face besides the head. */
  besideMap: Raster | undefined;
  /** The light on the face as it was read last, and what it was read of. */
  litFace: { of: readonly unknown[]; lit: LitFace } | undefined;
  /** The figure that `skinned` holds. */
  skinnedTo: { figure: Figure; posed: PosedBody | undefined } | undefined;
  /** The last figure, kept because a moved camera does not move the sitter. */
  last: { posed: string; lens: string; body: PosedBody; figure: Figure } | undefined;
  /** Who stands in for the others of the pictures that are asked of this one, by their roles. */
  company: ReadonlyMap<Role, StandIn>;
  /** Everybody of the last picture of several as posed, and what was said of them. */
  together: { said: string; isQuick: boolean; posed: ReadonlyMap<Role, PosedBody> } | undefined;
  /** Whether people of a picture may go on from how they were posed before, which is quick and not quite the same. */
  isQuick: boolean;
  /** The mesh of all that is beside the sitter, and what it is of. */
  beside: { of: readonly unknown[]; mesh: BesideMesh } | undefined;
  /** The mesh of the last supports. */
  supports: { key: string; mesh: SupportMesh } | undefined;
}

/**
 * Makes the stand-in of one sitter ready.
 * @param like a stand-in of the same body on another surface, whose shadows of the head on itself are taken over.
 */
export function createStandIn(body: Body, surface: BodySurface, like?: StandIn): StandIn {
  return {
    body,
    surface,
    skinned: createSkinned(surface),
    memory: createPictureMemory(),
    face: createFaceMemory(surface),
    neutralJawMm: like?.neutralJawMm,
    close: createPictureMemory(),
    closeShadows: [],
    neck: createPictureMemory(256),
    chart: like && chartFor(like),
    throat: undefined,
    head: undefined,
    bodyTriangles: undefined,
    besideMap: undefined,
    litFace: undefined,
    skinnedTo: undefined,
    last: undefined,
    company: new Map(),
    together: undefined,
    isQuick: false,
    beside: undefined,
    supports: undefined,
  };
}

/** The places of the face that light is read on. */
export function chartFor(standIn: StandIn): FaceChart {
  return (standIn.chart ??= faceChartOf(standIn.body, standIn.surface));
}

/** The front of the neck. */
export function throatFor(standIn: StandIn): Throat {
  return (standIn.throat ??= throatOf(standIn.body, standIn.surface));
}

/** Distance from which the jaw at ease is looked at, metres: a portrait's. */
const AT_EASE_M = 2;

/** Depth step of the sitter's own jaw at ease, from the height of the chin: what a pulled-back chin is held against. */
export function neutralJawMm(standIn: StandIn): number {
  if (standIn.neutralJawMm !== undefined) return standIn.neutralJawMm;
  const { body, surface, face } = standIn;
  const figure = figureOf(body, neutralPose('at ease'), { lens: [0, body.lengths.chinHeightM, AT_EASE_M] });
  const { chin } = figure.points;
  const eye: Vec3 = [chin[0], chin[1], chin[2] + AT_EASE_M];
  const skinned = createSkinned(surface);
  skinSurfaceFast(surface, figure.transforms, skinned, faceShares(neutralPose('at ease')));
  const step = jawStepMm(face, skinned, viewTowards(eye, chin, 0.1), figure.points);
  return (standIn.neutralJawMm = step === null ? 0 : levelJawMm(figure, eye, step));
}

/** Triangles of everything but the head. */
export function bodyWithoutHead(standIn: StandIn): Uint32Array {
  const { triangles, triangleLabels } = standIn.surface;
  if (standIn.bodyTriangles) return standIn.bodyTriangles;
  const out: number[] = [];
  triangleLabels.forEach((label, t) => {
    if (!isOfHead(label)) out.push(triangles[t * 3]!, triangles[t * 3 + 1]!, triangles[t * 3 + 2]!);
  });
  return (standIn.bodyTriangles = Uint32Array.from(out));
}

/** What stands skinned: the same thing for every look of its eyes, which shade nothing else. */
export function skinnedBody({ skinnedTo }: StandIn, figure: Figure): object {
  return skinnedTo?.posed ?? figure;
}

/** Skins the surface to a figure, and presses what is soft. */
export function skinTo(standIn: StandIn, shot: Pick<SoloShot, 'pose'>, figure: Figure): void {
  const { surface, skinned } = standIn;
  const objects = shot.pose.objects ?? [];
  const posed = standIn.last?.figure === figure ? standIn.last.body : undefined;
  if (standIn.skinnedTo?.figure !== figure) {
    if (posed && standIn.skinnedTo?.posed === posed) skinEyes(surface, figure.transforms, skinned);
    else {
      skinSurfaceFast(surface, figure.transforms, skinned, faceShares(shot.pose));
      pressFlesh(surface, skinned, objects, figure.rods);
    }
    standIn.skinnedTo = { figure, posed };
  }
}

/** The mesh of what stands on the set; none where nothing does. */
export function supportsFor(standIn: StandIn, objects: readonly Support[]): SupportMesh | undefined {
  if (objects.length === 0) return undefined;
  const key = JSON.stringify(objects);
  if (standIn.supports?.key !== key) standIn.supports = { key, mesh: supportMesh(objects) };
  return standIn.supports.mesh;
}

/** The figure of a shot; the last one is kept, and of one that is only looked at from elsewhere all but the eyes. */
export function figureFor(standIn: StandIn, shot: SoloShot, lens: Vec3): Figure {
  const { pose, mark, among } = shot;
  if (among) return figureOfPosed(standIn, posedFor(standIn, shot).get(among.role)!, lens);
  const posed = JSON.stringify([pose, mark]);
  const at = lens.join(' ');
  const { last } = standIn;
  if (last?.posed === posed && last.lens === at) return last.figure;
  const body = last?.posed === posed ? last.body : posedBody(standIn.body, pose, mark);
  const figure = lookingFrom(body, { lens });
  standIn.last = { posed, lens: at, body, figure };
  return figure;
}

/** The figure of somebody who is posed already; the last one is kept. */
export function figureOfPosed(standIn: StandIn, body: PosedBody, lens: Vec3): Figure {
  const at = lens.join(' ');
  const { last } = standIn;
  if (last?.body === body && last.lens === at) return last.figure;
  const figure = lookingFrom(body, { lens });
  // it is known by what was said of everybody, not by a pose alone
  standIn.last = { posed: '', lens: at, body, figure };
  return figure;
}

/**
 * Everybody of a picture as posed, by role; kept while nobody is posed otherwise.
 * @throws RangeError when nobody stands in for one of them.
 */
export function posedFor(standIn: StandIn, { pose, mark, among }: SoloShot): ReadonlyMap<Role, PosedBody> {
  const { role, others } = among!;
  const { together, isQuick, body } = standIn;
  const all = [{ role, profile: body.profile, pose, mark }, ...others];
  // in one order whoever is asked for, so that all are posed alike
  all.sort((a, b) => a.role.localeCompare(b.role));
  const said = JSON.stringify(all.map((one) => [one.role, one.profile, one.pose, one.mark]));
  if (together?.said === said && (isQuick || !together.isQuick)) return together.posed;
  const people = all.map((one): ToPose => ({
    role: one.role,
    body: one.role === role ? body : companyOf(standIn, one.role).body,
    pose: one.pose,
    mark: one.mark,
  }));
  const posed = posedTogether(people, together && { posed: together.posed, isQuick });
  standIn.together = { said, isQuick, posed };
  // whoever of them is asked for next need not pose all anew
  for (const other of others) companyOf(standIn, other.role).together = standIn.together;
  return posed;
}

/**
 * Does something with people who may go on from how they were posed before: near enough for a step of a drag or a
 * trial, and not to be believed without being posed anew.
 */
export function quickly<T>(standIn: StandIn, act: () => T): T {
  const all = [standIn, ...standIn.company.values()];
  for (const one of all) one.isQuick = true;
  try {
    return act();
  } finally {
    for (const one of all) one.isQuick = false;
  }
}

/**
 * Who stands in for somebody else of a picture.
 * @throws RangeError when nobody does.
 */
export function companyOf({ company }: StandIn, role: Role): StandIn {
  const standIn = company.get(role);
  if (!standIn) throw new RangeError(`role ${role} must be one of ${[...company.keys()].join(', ')}`);
  return standIn;
}
