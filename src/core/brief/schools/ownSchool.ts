import isSame from 'fast-deep-equal';
import { z } from 'zod';
import { eachOnce } from '../../checks';
import { targetChangesSchema } from '../targets/targets';
import { FIRST_SCHOOL, SCHOOL_IDS } from './schools';

/** A rule that is not asked, and why. */
export const silenceSchema = z.strictObject({
  ruleId: z.string().min(1).max(80),
  reason: z.string().trim().min(1).max(200),
});
export type Silence = z.infer<typeof silenceSchema>;

/** Which school a look follows, and what of it is not asked there. */
export const schoolingSchema = z.strictObject({
  from: z.enum(SCHOOL_IDS),
  silenced: z.array(silenceSchema).max(200).superRefine(eachOnce('ruleId')),
});
export type Schooling = z.infer<typeof schoolingSchema>;

/** Where nobody said anything about schools. */
export const FIRST_SCHOOLING: Schooling = { from: FIRST_SCHOOL, silenced: [] };

/** A school of one's own: one of the house's, what was set by hand, and what is not asked. */
export const ownSchoolSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().trim().min(1).max(80),
  keptAt: z.iso.datetime(),
  schooling: schoolingSchema,
  targets: targetChangesSchema,
});
export type OwnSchool = z.infer<typeof ownSchoolSchema>;

/** What of a look makes a school. */
export type Schooled = Pick<OwnSchool, 'targets'> & { schooling?: Schooling | undefined };

/** Whether a look follows a school of one's own to the letter. */
export function followsOwn({ targets, schooling = FIRST_SCHOOLING }: Schooled, own: OwnSchool): boolean {
  return isSame([targets, schooling], [own.targets, own.schooling]);
}

/** A look, or a school, in which a rule is not asked, for a reason; without one it is asked again. */
export function withSilence<T extends { schooling?: Schooling | undefined }>(
  schooled: T,
  ruleId: string,
  reason: string | null,
): T {
  const { schooling = FIRST_SCHOOLING } = schooled;
  const others = schooling.silenced.filter((s) => s.ruleId !== ruleId);
  const silenced = reason === null ? others : [...others, { ruleId, reason }];
  return { ...schooled, schooling: { ...schooling, silenced } };
}
