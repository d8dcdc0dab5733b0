import type { BodyFields } from './bodyField';
import type { Flesh } from './girths';
import { bodyProfileSchema, type BodyProfile } from './profile';
import { lengthsOf, type Lengths } from './proportions';
import { fitFlesh, type SegmentMasses } from './segments';
import { skeletonOf, type Skeleton } from './skeleton';
import { buildSurface, type BodySurface, type Detail } from './surface';

/** One sitter's body: everything that follows from the profile and does not depend on a pose. */
export interface Body {
  profile: BodyProfile;
  lengths: Lengths;
  skeleton: Skeleton;
  flesh: Flesh;
  fields: BodyFields;
  masses: SegmentMasses;
}

/**
 * Models a sitter: lengths by published fractions of stature, soft tissue by the mass.
 * @throws ZodError when the profile is out of range or has unknown fields.
 */
export function bodyFrom(profile: BodyProfile): Body {
  const checked = bodyProfileSchema.parse(profile);
  const lengths = lengthsOf(checked.statureM, checked.contourShare);
  const fit = fitFlesh(lengths, checked.massKg, {
    build: checked.build,
    contourShare: checked.contourShare,
  });
  return { profile: checked, lengths, skeleton: skeletonOf(lengths), ...fit };
}

/** Meshes the dressed surface of a body. Takes about a second at `drawn`, half of it at `measured`. */
export function surfaceOf(body: Body, detail: Detail): BodySurface {
  return buildSurface(body.profile, body.lengths, body.fields, detail);
}
