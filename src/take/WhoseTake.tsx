'use client';

import { personOf } from '@/core/shot';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { PersonChoice } from '@/ui/fields/PersonChoice';
import { usePoseStore } from './poseStore';

/** Whose picture it is, where a sitting has several people; the pose goes over to whoever is chosen. */
export function WhoseTake({ whole: { sitting, people }, take }: { whole: WholeSitting; take: Take }) {
  const { role, setPerson } = usePoseStore();
  if (sitting.personIds.length < 2) return null;
  const { personId } = personOf(take.shot, role);
  return <PersonChoice label="picture of" people={people} personId={personId} onChoose={setPerson} />;
}
