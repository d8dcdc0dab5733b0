import { bodyFields, type BodyFields } from './fields/bodyField';
import type { Flesh } from './fields/girths';
import {
  bodyProfileSchema,
  GIRTH_NAMES,
  LENGTH_NAMES,
  type BodyProfile,
  type GirthName,
  type LengthName,
} from './said/profile';
import { headCharacter } from './fields/headField';
import { boneSharesOf, limbEndsOf, type LimbEnds } from './bones/limbs';
import { lengthsOf, measurableLengths, type Lengths } from './bones/proportions';
import { fitFlesh, type FleshFit, type SegmentMasses } from './fields/segments';
import { skeletonOf, type Skeleton } from './bones/skeleton';
import { buildSurface, type BodySurface, type Detail } from './surface';
import { girthM } from './fields/tape';

/** One sitter's body: everything that follows from the profile and does not depend on a pose. */
export interface Body {
  profile: BodyProfile;
  lengths: Lengths;
  skeleton: Skeleton;
  limbEnds: LimbEnds;
  /** Length of each joint's bone against the bind pose, in the order of JOINTS; see `boneSharesOf`. */
  boneShares: Float64Array;
  flesh: Flesh;
  fields: BodyFields;
  masses: SegmentMasses;
  /** Measures that this body could not be given together with the others; empty when all agree. */
  misfits: Misfit[];
}

/** A measure that was asked and one that the body has instead, metres or kilograms. */
export interface Misfit {
  what: 'mass' | GirthName | LengthName;
  asked: number;
  got: number;
}

/** Measures that differ by more than this contradict the others. */
const MASS_TOLERANCE = 0.01;
const GIRTH_TOLERANCE = 0.02;
const LENGTH_TOLERANCE = 0.01;

function misfitsOf(profile: BodyProfile, lengths: Lengths, fit: FleshFit): Misfit[] {
  const misfits: Misfit[] = [];
  const got = fit.masses.totalKg;
  if (Math.abs(got / profile.massKg - 1) > MASS_TOLERANCE)
    misfits.push({ what: 'mass', asked: profile.massKg, got });
  for (const what of GIRTH_NAMES) {
    const asked = profile.girthsM?.[what];
    if (asked === undefined) continue;
    const girth = girthM(fit.fields, lengths, what);
    if (Math.abs(girth / asked - 1) > GIRTH_TOLERANCE) misfits.push({ what, asked, got: girth });
  }
  const has = measurableLengths(lengths);
  for (const what of LENGTH_NAMES) {
    const asked = profile.lengthsM?.[what];
    if (asked !== undefined && Math.abs(has[what] / asked - 1) > LENGTH_TOLERANCE)
      misfits.push({ what, asked, got: has[what] });
  }
  return misfits;
}

/** What takes time to find of a body: it can be kept, and given back to `bodyFrom` with the same profile. */
export type Found = Pick<Body, 'flesh' | 'masses'>;

/**
 * Models a sitter: lengths by published fractions of stature, girths by the tape where they were taken, the rest of
 * the soft tissue by the mass. Measures that contradict each other are listed in `misfits`.
 * @param found what was found of the same profile before, and is not looked for again.
 * @throws ZodError when the profile is out of range or has unknown fields.
 */
export function bodyFrom(profile: BodyProfile, found?: Found): Body {
  const checked = bodyProfileSchema.parse(profile);
  const lengths = lengthsOf(checked);
  const { build, contourShare, pregnancyMonths = 0 } = checked;
  const shape = { build, contourShare, pregnancyMonths };
  const limbEnds = limbEndsOf(lengths, checked.limbEnds);
  const boneShares = boneSharesOf(lengths, checked.limbsShorterM);
  const fit: FleshFit = found
    ? { flesh: found.flesh, masses: found.masses, fields: bodyFields(lengths, found.flesh) }
    : fitFlesh(
        lengths,
        checked.massKg,
        shape,
        checked.girthsM ?? {},
        { ends: limbEnds, boneShares },
        headCharacter(checked),
      );
  const misfits = misfitsOf(checked, lengths, fit);
  return { profile: checked, lengths, skeleton: skeletonOf(lengths), limbEnds, boneShares, ...fit, misfits };
}

/**
 * Meshes the dressed surface of a body. Takes one to two seconds at `drawn`, a third of it at `measured`; `onPiece`
 * hears how many of the pieces are done.
 */
export function surfaceOf(
  body: Body,
  detail: Detail,
  onPiece?: (done: number, of: number) => void,
): BodySurface {
  return buildSurface(body, detail, onPiece);
}
