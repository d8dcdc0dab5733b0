'use client';

import { FIRST_SCHOOLING, SCHOOLS, type Look } from '@/core/brief';
import { SchoolChoice } from '@/ui/review/SchoolChoice';
import { KeepSchool } from './KeepSchool';
import { SilencedRules } from './SilencedRules';

interface SchoolPartProps {
  look: Look;
  onChange(patch: Partial<Look>): void;
}

/** The school that the review follows in a look, what of it is not asked, and keeping all that as one's own. */
export function SchoolPart({ look, onChange }: SchoolPartProps) {
  const { from } = look.schooling ?? FIRST_SCHOOLING;
  return (
    <section aria-label="School" className="rule-b mb-3 pb-3">
      <SchoolChoice
        schooled={look}
        onChange={({ targets, schooling }) => onChange({ targets, ...(schooling && { schooling }) })}
      />
      <p className="quiet mt-1 text-xs">{SCHOOLS[from].reason}</p>
      <SilencedRules look={look} onChange={onChange} />
      <KeepSchool look={look} />
    </section>
  );
}
