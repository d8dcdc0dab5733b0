import { handlePoint, HANDLES, type Handle } from '@/core/adapt';
import { distanceForFramingM, frameMm, sharpRange } from '@/core/camera';
import type { Figure, FigurePoints, Rod } from '@/core/figure';
import { lightingRatio } from '@/core/light';
import type { ShownExposure, Sight } from '@/core/picture';
import type { Finding } from '@/core/review';
import type { Role } from '@/core/shot';
import { apart, SIDES, type Side, type Vec3 } from '@/core/units';

/** A developed picture, or the labels of the measuring picture. */
export interface PictureBytes {
  width: number;
  height: number;
  bytes: Uint8ClampedArray<ArrayBuffer>;
}

/** The picture that a recompute brings along. */
export interface PreviewWanted {
  exposure: ShownExposure;
}

/** What a recompute is asked for besides. */
export interface RecomputeOptions {
  preview: PreviewWanted | null;
  /** Whether it is a step of a drag: people who touch may go on from the step before. */
  isQuick: boolean;
  /** Ids of what was found in the picture before: it stands until it is clearly mended. */
  standing?: readonly string[];
}

/** Soles on the floor: where heels and toes are, set frame, metres. */
export type SolesOf = Record<Side, { heel: Vec3; toe: Vec3 }>;

/** What a recompute tells the page: everything that is shown, nothing that is not. */
export interface ShotReport {
  /** The others of the picture, as drawn. */
  others: { role: Role; transforms: Float64Array; rods: Rod[]; feet: SolesOf; crown: Vec3; nose: Vec3 }[];
  /** Where the key is aimed and metered, metres. */
  meteredAt: Vec3;
  transforms: Float64Array;
  /** Arms and hands as what they press. */
  rods: Rod[];
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
  points: FigurePoints;
  /** Soles on the floor, for tape marks. */
  feet: SolesOf;
  turnDeg: Figure['turnDeg'];
  enlargements: { part: string; enlargement: number; x: number; y: number }[];
  unreached: Figure['unreached'];
  /** Movements past the sitter's comfort. */
  strained: Figure['motions'];
  centreOfMassM: Vec3;
  /** Whether the body is carried, and by what. */
  isStable: boolean;
  loads: Figure['balance']['loads'];
  /** Joints that tire, the hardest first. */
  tiring: Figure['effort'];
  /** Where the picture can be taken hold of. */
  handles: Record<Handle, Vec3>;
  wrists: Record<Side, Vec3>;
  elapsedMs: number;
  /** The picture, developed, where it was asked for. */
  preview?: PictureBytes;
}

/** Share of the frame's height that a whole figure fills. */
export const WHOLE_FIGURE_FILLS = 0.9;

/** Parts whose enlargement is shown over the picture. */
const SHOWN_PARTS = SIDES.flatMap((s) => [`${s}:elbow`, `${s}:hand`, `${s}:knee`] as const);

function enlargementsOf({ readings }: Sight): ShotReport['enlargements'] {
  return SHOWN_PARTS.flatMap((part) => {
    const share = readings.shares.get(part);
    if (!share || share.enlargement === null) return [];
    return [{ part, enlargement: share.enlargement, ...share.middle }];
  });
}

function solesOf({ feet: { left, right } }: Figure): SolesOf {
  return { left: { heel: left.heel, toe: left.toe }, right: { heel: right.heel, toe: right.toe } };
}

/** What is shown of a recompute. */
export function reportOf(sight: Sight, findings: Finding[], elapsedMs: number): ShotReport {
  const { shot } = sight;
  const { figure } = sight;
  const faceDistanceM = apart(figure.points.eyes.left, sight.view.eye);
  const sharp = sharpRange(shot.camera, faceDistanceM);
  return {
    others: sight.others.map(({ companion, figure: other }) => ({
      role: companion.role,
      transforms: other.transforms,
      rods: other.rods,
      feet: solesOf(other),
      crown: other.points.crown,
      nose: other.points.nose,
    })),
    meteredAt: sight.meteredAt,
    transforms: figure.transforms,
    rods: figure.rods,
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
        figure.points.crown[1],
        WHOLE_FIGURE_FILLS,
        frameMm(shot.camera).heightMm,
        shot.camera.focalLengthMm,
      ),
    },
    points: figure.points,
    feet: solesOf(figure),
    turnDeg: figure.turnDeg,
    enlargements: enlargementsOf(sight),
    unreached: figure.unreached,
    strained: figure.motions.filter((m) => m.state !== 'easy'),
    centreOfMassM: figure.balance.centreOfMassM,
    isStable: figure.balance.isStable,
    loads: figure.balance.loads,
    tiring: figure.effort.filter((e) => e.holdS < Infinity),
    handles: Object.fromEntries(HANDLES.map((h) => [h, handlePoint(figure, h)])) as Record<Handle, Vec3>,
    wrists: figure.points.wrists,
    elapsedMs,
  };
}
