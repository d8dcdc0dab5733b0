import { expose, transfer } from 'comlink';
import { mend, type MendResult } from '@/core/adapt';
import {
  bodyFrom,
  girthsOf,
  PARTS,
  surfaceOf,
  type Body,
  type BodyProfile,
  type BodySurface,
  type Detail,
  type GirthName,
  type Misfit,
} from '@/core/body';
import { distanceForFramingM, frameMm, sharpRange } from '@/core/camera';
import type { Figure } from '@/core/figure';
import { lightingRatio } from '@/core/light';
import { createStudio, develop, seeShot, type Shot, type Sight, type Studio } from '@/core/picture';
import { review, type Finding } from '@/core/review';
import { apart, SIDES, type Side, type Vec3 } from '@/core/units';

/** What a recompute tells the page: everything that is shown, nothing that is not. */
export interface ShotReport {
  transforms: Float64Array;
  findings: Finding[];
  numbers: {
    leftSharePercent: number;
    marginCm: number;
    errorMm: number;
    sharpNearM: number;
    sharpFarM: number;
    ratio: number;
    faceDistanceM: number;
    faceInFrame: number;
    /** Tilt of the lines in the picture, degrees, the sitter's left up positive. */
    shouldersLineDeg: number;
    hipsLineDeg: number;
    /** Area of the larger hand against the face's; 0 where no hand or no face is seen. */
    handOfFace: number;
    /** From here on this lens takes in the whole figure with a tenth of the frame left over, metres. */
    wholeFigureFromM: number;
  };
  points: {
    eyes: Record<Side, Vec3>;
    hips: Record<Side, Vec3>;
    shoulders: Record<Side, Vec3>;
    chin: Vec3;
    crown: Vec3;
  };
  /** Soles on the floor, for tape marks. */
  feet: Record<Side, { heel: Vec3; toe: Vec3 }>;
  turnDeg: Figure['turnDeg'];
  enlargements: { part: string; enlargement: number; x: number; y: number }[];
  unreached: Figure['unreached'];
  centreOfMassM: Vec3;
  elapsedMs: number;
}

/** A developed picture, or the labels of the measuring picture. */
export interface PictureBytes {
  width: number;
  height: number;
  bytes: Uint8ClampedArray<ArrayBuffer>;
}

interface Loaded {
  key: string;
  body: Body;
  studio: Studio;
}
let loaded: Loaded | undefined;

function studioFor(profile: BodyProfile): Loaded {
  const key = JSON.stringify(profile);
  if (loaded?.key !== key) {
    const body = bodyFrom(profile);
    loaded = { key, body, studio: createStudio(body, surfaceOf(body, 'measured')) };
  }
  return loaded;
}

function buffersOf(surface: BodySurface): ArrayBuffer[] {
  return Object.values(surface).map((array) => array.buffer as ArrayBuffer);
}

/** Share of the frame's height that a whole figure fills. */
const WHOLE_FIGURE_FILLS = 0.9;

/** Parts whose enlargement is shown over the picture. */
const SHOWN_PARTS = SIDES.flatMap((s) => [`${s}:elbow`, `${s}:hand`, `${s}:knee`]);

function enlargementsOf(sight: Sight): ShotReport['enlargements'] {
  const { picture } = sight;
  const out: ShotReport['enlargements'] = [];
  for (const part of SHOWN_PARTS) {
    const share = sight.readings.shares.get(part as (typeof PARTS)[number]);
    if (!share || share.enlargement === null) continue;
    const label = PARTS.indexOf(part as (typeof PARTS)[number]);
    let x = 0;
    let y = 0;
    for (let i = 0; i < picture.label.length; i++)
      if (picture.label[i] === label) {
        x += i % picture.width;
        y += Math.floor(i / picture.width);
      }
    out.push({
      part,
      enlargement: share.enlargement,
      x: (x / share.pixels + 0.5) / picture.width,
      y: (y / share.pixels + 0.5) / picture.height,
    });
  }
  return out;
}

const api = {
  /** Builds a surface and hands it over; the measuring studio is kept ready in this worker. */
  surface(profile: BodyProfile, detail: Detail): BodySurface {
    const { body, studio } = studioFor(profile);
    const surface = detail === 'measured' ? structuredClone(studio.surface) : surfaceOf(body, detail);
    return transfer(surface, buffersOf(surface));
  },

  /** The body's girths, and the measures that contradict each other. */
  measures(profile: BodyProfile): { girthsM: Record<GirthName, number>; misfits: Misfit[] } {
    const body = bodyFrom(profile);
    return { girthsM: girthsOf(body.fields, body.lengths), misfits: body.misfits };
  },

  /** Full recompute of a shot. Throws what the core throws: a sentence with field, value and range. */
  recompute(profile: BodyProfile, shot: Shot): ShotReport {
    const { studio } = studioFor(profile);
    const start = performance.now();
    const sight = seeShot(studio, shot);
    const findings = review(sight, shot.pose.message);
    const elapsedMs = performance.now() - start;
    const { figure } = sight;
    const faceDistanceM = apart(figure.points.eyes.left, sight.view.eye);
    const sharp = sharpRange(shot.camera, faceDistanceM);
    const { eyes, hips, shoulders, chin, crown } = figure.points;
    return {
      transforms: figure.transforms,
      findings,
      numbers: {
        leftSharePercent: figure.balance.leftShare * 100,
        marginCm: figure.balance.marginM * 100,
        errorMm: figure.balance.errorM * 1000,
        sharpNearM: sharp.nearM,
        sharpFarM: sharp.farM,
        ratio: lightingRatio(shot.light),
        faceDistanceM,
        faceInFrame: sight.readings.faceInFrame,
        shouldersLineDeg: sight.readings.lineDeg.shoulders,
        hipsLineDeg: sight.readings.lineDeg.hips,
        handOfFace: Math.max(0, ...SIDES.map((s) => sight.readings.hands[s]?.ofFace ?? 0)),
        wholeFigureFromM: distanceForFramingM(
          crown[1],
          WHOLE_FIGURE_FILLS,
          frameMm(shot.camera).heightMm,
          shot.camera.focalLengthMm,
        ),
      },
      points: { eyes, hips, shoulders, chin, crown },
      feet: {
        left: { heel: figure.feet.left.heel, toe: figure.feet.left.toe },
        right: { heel: figure.feet.right.heel, toe: figure.feet.right.toe },
      },
      turnDeg: figure.turnDeg,
      enlargements: enlargementsOf(sight),
      unreached: figure.unreached,
      centreOfMassM: figure.balance.centreOfMassM,
      elapsedMs,
    };
  },

  /** Develops the measuring picture of a shot. */
  picture(profile: BodyProfile, shot: Shot, scale: number): PictureBytes {
    const { studio } = studioFor(profile);
    const sight = seeShot(studio, shot, { lit: true, scale });
    const bytes = develop(sight.picture, studio.surface, studio.skinned);
    return transfer({ width: sight.picture.width, height: sight.picture.height, bytes }, [bytes.buffer]);
  },

  /** Part labels of the measuring picture, one byte a pixel. */
  labels(
    profile: BodyProfile,
    shot: Shot,
    scale: number,
  ): { width: number; height: number; labels: Uint8Array } {
    const { studio } = studioFor(profile);
    const { picture } = seeShot(studio, shot, { scale });
    return { width: picture.width, height: picture.height, labels: picture.label };
  },

  /** Looks for the smallest change that clears a finding. */
  mend(profile: BodyProfile, shot: Shot, finding: Finding): MendResult {
    return mend(studioFor(profile).studio, shot, finding);
  },
};

export type StudioApi = typeof api;
expose(api);
