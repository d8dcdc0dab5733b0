'use client';

import {
  BODY_PLACES,
  bodyTarget,
  CONTACT_KINDS,
  contactOf,
  HAND_REGION_NAMES,
  HAND_REGIONS,
  handRegion,
  isSided,
  limbContact,
  targetWords,
  usualKind,
  withContact,
  withoutTouch,
  withTouch,
  type BodyPlaceName,
  type Contact,
  type ContactLimb,
  type ContactTarget,
  type HandRegion,
  type Pose,
} from '@/core/pose';
import { placesOf, type SupportPlace } from '@/core/scene';
import { SIDES, type Side } from '@/core/units';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { Choice } from '@/ui/fields/Choice';
import type { OtherNamed } from '@/take/people/othersNamed';
import { usePoseStore } from '@/take/poseStore';
import { TOUCH_WORDS } from '../touchWords';

/** Where a contact goes, whoever's place it is. */
type Place = Pick<Contact, 'to' | 'of'>;

/** A place as one word of a list; nothing is laid on none. */
function wordOf(place: Place | undefined): string {
  if (!place) return FREE;
  return place.of ? [place.of.role, place.of.side ?? '', place.to].join('/') : place.to;
}
const FREE = 'free';

function placeOf(word: string): Place | null {
  if (word === FREE) return null;
  const [role, side, to] = word.split('/');
  if (!to) return { to: word as ContactTarget };
  return { to: to as ContactTarget, of: { role: role!, ...(side && { side: side as Side }) } };
}

/** Every place of somebody else, of the paired ones both. */
const PLACES_OF_OTHERS = BODY_PLACES.flatMap((place): { to: BodyPlaceName; side?: Side }[] =>
  isSided(place) ? SIDES.map((side) => ({ to: place, side })) : [{ to: place }],
);

function PlacesOf({ role, name }: OtherNamed) {
  return (
    <optgroup label={name}>
      {PLACES_OF_OTHERS.map(({ to, side }) => (
        <option key={`${to} ${side}`} value={wordOf({ to, of: { role, ...(side && { side }) } })}>
          {name}: {side && `${side} `}
          {targetWords(to, null)}
        </option>
      ))}
    </optgroup>
  );
}

interface TargetProps {
  label: string;
  value: Place | undefined;
  side: Side | null;
  /** Places on supports that stand here. */
  there: readonly SupportPlace[];
  /** Own places are offered to hands and elbows; shoulders, feet and back are laid on supports. */
  ownPlaces: boolean;
  /** Others whose places are offered as well. */
  others?: readonly OtherNamed[];
  /** Its label before it, where there is the width. */
  isWide?: boolean;
  onChange(place: Place | null): void;
}

/** Where a part is laid: on the own side, on the other, on what stands here. */
function TargetChoice(props: TargetProps) {
  const { label, value, side, there, ownPlaces, others = [], isWide, onChange } = props;
  const option = (to: ContactTarget) => (
    <option key={to} value={to}>
      {targetWords(to, side)}
    </option>
  );
  return (
    <label className={isWide ? 'flex items-center gap-2' : 'block min-w-0 space-y-1'}>
      <span className={`block leading-tight first-letter:uppercase ${isWide ? 'w-[72px] shrink-0' : ''}`}>
        {label}
      </span>
      <select
        className="h-8 w-full min-w-0 border border-base-300 bg-base-100 px-2"
        value={wordOf(value)}
        onChange={(e) => onChange(placeOf(e.target.value))}
      >
        <option value={FREE}>free</option>
        {others.map((other) => (
          <PlacesOf key={other.role} {...other} />
        ))}
        {ownPlaces && <optgroup label="own body">{BODY_PLACES.map(option)}</optgroup>}
        {ownPlaces && (
          <optgroup label="the other side">
            {BODY_PLACES.filter(isSided).map((p) => option(`other:${p}`))}
          </optgroup>
        )}
        <optgroup label="here">{[...there, 'floor' as const].map(option)}</optgroup>
      </select>
    </label>
  );
}

/** Where along a support, or on the floor, a contact is. */
function SpotSliders({ contact, onChange }: { contact: Contact; onChange(contact: Contact): void }) {
  const { setDragging } = usePoseStore.getState();
  if (contact.of || bodyTarget(contact.to)) return null;
  const spot = contact.spot ?? { left: 0, ahead: 0 };
  const name = contact.part.replace(':', ' ');
  const slider = (axis: 'left' | 'ahead', ends: [string, string]) => (
    <NumberSlider
      label={`${name}, ${axis === 'left' ? 'sideways' : 'onwards'}`}
      short={axis === 'left' ? 'aside' : 'on'}
      value={spot[axis]}
      min={-2}
      max={2}
      step={0.05}
      unit="× shoulders"
      ends={ends}
      neutral={0}
      onChange={(v) => onChange({ ...contact, spot: { ...spot, [axis]: v } })}
      onDrag={setDragging}
    />
  );
  return (
    <div className="grid grid-cols-2 gap-x-4">
      {slider('left', ['right', 'left'])}
      {slider('ahead', ['back', 'on'])}
    </div>
  );
}

function useContacts(pose: Pose) {
  const { setPose } = usePoseStore.getState();
  return {
    there: placesOf(pose.objects ?? []),
    put: (contact: Contact) => setPose(withTouch(pose, contact)),
    set: setPose,
  };
}

/** Both hands: where they are laid, with what part, and how. */
export function HandContacts({ pose, others }: { pose: Pose; others: readonly OtherNamed[] }) {
  const { there, put, set } = useContacts(pose);
  return SIDES.map((side) => {
    const contact = contactOf(pose, side);
    return (
      <div key={side} className="space-y-1.5">
        <TargetChoice
          label={`${side} hand`}
          value={contact}
          side={side}
          there={there}
          ownPlaces
          others={others}
          isWide
          onChange={(place) => {
            if (!place) set(withContact(pose, side, null));
            else if (contact) put({ ...contact, spot: undefined, of: undefined, ...place });
            else put({ part: `${side}:palm`, kind: usualKind(place.to), pressure: 'light', ...place });
          }}
        />
        {contact && (
          <>
            <div className="grid grid-cols-2 gap-2">
              <Choice<HandRegion>
                label="with"
                value={handRegion(contact)!}
                options={HAND_REGION_NAMES}
                words={HAND_REGIONS}
                onChange={(region) => put({ ...contact, part: `${side}:${region}` })}
              />
              <Choice
                label="how"
                value={contact.kind}
                options={CONTACT_KINDS}
                words={TOUCH_WORDS}
                onChange={(kind) => put({ ...contact, kind })}
              />
            </div>
            <SpotSliders contact={contact} onChange={put} />
          </>
        )}
      </div>
    );
  });
}

/** Elbows, forearms, shoulders and feet: what each rests on. */
export function LimbContacts({ pose, limb }: { pose: Pose; limb: ContactLimb }) {
  const { there, put, set } = useContacts(pose);
  return (
    <div className="grid grid-cols-2 gap-2">
      {(['right', 'left'] as const).map((side) => {
        const contact = limbContact(pose, side, limb);
        return (
          <div key={side} className="min-w-0">
            <TargetChoice
              label={`${side} ${limb}`}
              value={contact}
              side={side}
              there={there}
              ownPlaces={limb === 'elbow' || limb === 'forearm'}
              onChange={(place) =>
                place
                  ? put({
                      part: `${side}:${limb}`,
                      ...place,
                      kind: limb === 'foot' ? 'rest' : 'lean',
                      pressure: 'light',
                    })
                  : set(withoutTouch(pose, `${side}:${limb}`))
              }
            />
          </div>
        );
      })}
      {(['right', 'left'] as const).map((side) => {
        const contact = limbContact(pose, side, limb);
        return (
          contact && (
            <div key={side} className="col-span-2">
              <SpotSliders contact={contact} onChange={put} />
            </div>
          )
        );
      })}
    </div>
  );
}

/** What the back leans on. */
export function BackContact({ pose }: { pose: Pose }) {
  const { there, put, set } = useContacts(pose);
  const contact = pose.contacts.find((c) => c.part === 'back');
  return (
    <TargetChoice
      label="back against"
      value={contact}
      side={null}
      there={there}
      ownPlaces={false}
      onChange={(place) =>
        place
          ? put({ part: 'back', ...place, kind: 'lean', pressure: 'light' })
          : set(withoutTouch(pose, 'back'))
      }
    />
  );
}
