'use client';

import { X } from 'lucide-react';
import { personOf, shows, type Posed } from '@/core/shot';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { AddChoice } from '@/ui/fields/AddChoice';
import { Folded } from '@/ui/fields/Folded';
import { PersonChoice } from '@/ui/fields/PersonChoice';
import { MarkControls } from '../controls/MarkControls';
import { usePoseStore } from '../poseStore';
import { Arrange } from './Arrange';
import { othersNamed } from './othersNamed';
import { ToldOfPeople } from './ToldOfPeople';

interface PeopleOfTakeProps {
  whole: WholeSitting;
  take: Take;
}

/** Those who are in the picture: one is in the hand, whom the stations and the readings are of. */
function InPicture({ whole: { people }, take }: PeopleOfTakeProps) {
  const { role, setRole } = usePoseStore();
  const nameOf = ({ personId }: Posed) => people.find((p) => p.id === personId)?.addressAs ?? 'no record';
  return (
    <div role="group" aria-label="Whose pose is in the hand" className="flex flex-wrap gap-1">
      {take.shot.people.map((person) => (
        <button
          key={person.role}
          type="button"
          aria-pressed={person.role === role}
          className="border-b-3 border-transparent px-2 py-1 aria-pressed:border-accent aria-pressed:font-bold"
          onClick={() => setRole(person.role)}
        >
          {nameOf(person)}
        </button>
      ))}
    </div>
  );
}

/** Somebody of the sitting comes into the picture, or the one in the hand leaves it. */
function ComeAndGo({ whole: { people }, take }: PeopleOfTakeProps) {
  const { role, addPerson, removePerson } = usePoseStore();
  const free = people.filter((p) => !shows(take.shot, p.id));
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
      {free.length > 0 && (
        <AddChoice
          label="Bring somebody into the picture"
          empty="add somebody"
          options={free.map((p) => [p.id, p.name])}
          onChoose={addPerson}
        />
      )}
      {take.shot.people.length > 1 && (
        <button type="button" className="link-act flex items-center gap-1" onClick={() => removePerson(role)}>
          <X size={14} aria-hidden /> out of the picture
        </button>
      )}
    </div>
  );
}

/** Who is in the picture, where a sitting has several people, and where whoever is in the hand stands. */
export function PeopleOfTake({ whole, take }: PeopleOfTakeProps) {
  const { role, setPerson } = usePoseStore();
  if (whole.sitting.personIds.length < 2) return null;
  const { personId, mark } = personOf(take.shot, role);
  const isSeveral = take.shot.people.length > 1;
  return (
    <section aria-label="People of the picture" className="space-y-1.5">
      {isSeveral && <InPicture whole={whole} take={take} />}
      <PersonChoice label="picture of" people={whole.people} personId={personId} onChoose={setPerson} />
      <ComeAndGo whole={whole} take={take} />
      {take.shot.people.length === 2 && <Arrange whole={whole} take={take} />}
      <ToldOfPeople whole={whole} take={take} />
      {isSeveral && (
        <Folded title="Where they stand" isSet={false}>
          <MarkControls mark={mark} others={othersNamed(whole, take, role)} />
        </Folded>
      )}
    </section>
  );
}
