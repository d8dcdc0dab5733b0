'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import {
  FIRST_SCHOOLING,
  followsOwn,
  SCHOOL_IDS,
  SCHOOLS,
  type OwnSchool,
  type Schooled,
} from '@/core/brief';
import { database, ownSchools } from '@/data';
import { SelectField } from '@/ui/fields/SelectField';

/** Own schools are told apart from those of the house by what their ids begin with. */
const OWN = 'own:';

/** The own schools that are kept, as they are kept. */
export function useOwnSchools(): readonly OwnSchool[] {
  return useLiveQuery(() => ownSchools(database), []) ?? [];
}

interface SchoolChoiceProps {
  schooled: Schooled;
  className?: string;
  onChange(schooled: Schooled): void;
}

/** Chooses a school of the house, or one of one's own with all that it says. */
export function SchoolChoice({ schooled, className, onChange }: SchoolChoiceProps) {
  const own = useOwnSchools();
  const { from } = schooled.schooling ?? FIRST_SCHOOLING;
  const followed = own.find((o) => followsOwn(schooled, o));
  function choose(value: string) {
    const chosen = own.find((o) => OWN + o.id === value);
    if (chosen) return onChange({ targets: chosen.targets, schooling: chosen.schooling });
    const id = SCHOOL_IDS.find((s) => s === value)!;
    // what an own school said goes with it; what was set by hand in a look stays
    if (followed) return onChange({ targets: {}, schooling: { ...FIRST_SCHOOLING, from: id } });
    onChange({ ...schooled, schooling: { ...(schooled.schooling ?? FIRST_SCHOOLING), from: id } });
  }
  return (
    <SelectField
      label="school"
      {...(className && { className })}
      value={followed ? OWN + followed.id : from}
      onChange={(e) => choose(e.target.value)}
      options={[
        ...SCHOOL_IDS.map((id) => [id, SCHOOLS[id].words] as const),
        ...own.map((o) => [OWN + o.id, `${o.name} (own)`] as const),
      ]}
    />
  );
}
