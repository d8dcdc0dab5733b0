import type { BodyFields } from './bodyField';
import type { Flesh } from './girths';
import { bodyProfileSchema, GIRTH_NAMES, type BodyProfile, type GirthName } from './profile';
import { lengthsOf, type Lengths } from './proportions';
import { fitFlesh, type FleshFit, type SegmentMasses } from './segments';
import { skeletonOf, type Skeleton } from './skeleton';
import { buildSurface, type BodySurface, type Detail } from './surface';
import { girthM } from './tape';

/** One sitter's body: everything that follows from the profile and does not depend on a pose. */
export interface Body {
  profile: BodyProfile;
  lengths: Lengths;
  skeleton: Skeleton;
  flesh: Flesh;
  fields: BodyFields;
  masses: SegmentMasses;
  /** Measures that this body could not be given together with the others; empty when all agree. */
  misfits: Misfit[];
}

/** A measure that was asked and one that the body has instead, metres or kilograms. */
export interface Misfit {
  what: 'mass' | GirthName;
  asked: number;
  got: number;
}

/** Measures that differ by more than this contradict the others. */
const MASS_TOLERANCE = 0.01;
const GIRTH_TOLERANCE = 0.02;

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
  return misfits;
}

/**
 * Models a sitter: lengths by published fractions of stature, girths by the tape where they were taken, the rest of
 * the soft tissue by the mass. Measures that contradict each other are listed in `misfits`.
 * @throws ZodError when the profile is out of range or has unknown fields.
 */
export function bodyFrom(profile: BodyProfile): Body {
  const checked = bodyProfileSchema.parse(profile);
  const lengths = lengthsOf(checked.statureM, checked.ageYears, checked.contourShare);
  const { build, contourShare } = checked;
  const fit = fitFlesh(lengths, checked.massKg, { build, contourShare }, checked.girthsM ?? {});
  const misfits = misfitsOf(checked, lengths, fit);
  return { profile: checked, lengths, skeleton: skeletonOf(lengths), ...fit, misfits };
}

/** Meshes the dressed surface of a body. Takes about a second at `drawn`, half of it at `measured`. */
export function surfaceOf(body: Body, detail: Detail): BodySurface {
  return buildSurface(body.profile, body.lengths, body.fields, detail);
}
