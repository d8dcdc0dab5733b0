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
  withContact,
  withoutTouch,
  withTouch,
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
import { usePoseStore } from '@/take/poseStore';

const KIND_WORDS: Record<Contact['kind'], string> = {
  hover: 'just off it',
  touch: 'touches',
  rest: 'rests',
  hold: 'holds',
  grip: 'grips',
  lean: 'bears weight',
};

interface TargetProps {
  label: string;
  value: ContactTarget | 'free';
  side: Side | null;
  /** Places on supports that stand here. */
  there: readonly SupportPlace[];
  /** Own places are offered to hands and elbows; shoulders, feet and back are laid on supports. */
  ownPlaces: boolean;
  /** Its label before it, where there is the width. */
  isWide?: boolean;
  onChange(to: ContactTarget | null): void;
}

/** Where a part is laid: on the own side, on the other, on what stands here. */
function TargetChoice({ label, value, side, there, ownPlaces, isWide, onChange }: TargetProps) {
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
        value={value}
        onChange={(e) => onChange(e.target.value === 'free' ? null : (e.target.value as ContactTarget))}
      >
        <option value="free">free</option>
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
  if (bodyTarget(contact.to)) return null;
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
export function HandContacts({ pose }: { pose: Pose }) {
  const { there, put, set } = useContacts(pose);
  return SIDES.map((side) => {
    const contact = contactOf(pose, side);
    return (
      <div key={side} className="space-y-1.5">
        <TargetChoice
          label={`${side} hand`}
          value={contact?.to ?? 'free'}
          side={side}
          there={there}
          ownPlaces
          isWide
          onChange={(to) => {
            if (to && contact) put({ ...contact, to, spot: undefined });
            else set(withContact(pose, side, to));
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
                words={KIND_WORDS}
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
              value={contact?.to ?? 'free'}
              side={side}
              there={there}
              ownPlaces={limb === 'elbow' || limb === 'forearm'}
              onChange={(to) =>
                to
                  ? put({
                      part: `${side}:${limb}`,
                      to,
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
      value={contact?.to ?? 'free'}
      side={null}
      there={there}
      ownPlaces={false}
      onChange={(to) =>
        to ? put({ part: 'back', to, kind: 'lean', pressure: 'light' }) : set(withoutTouch(pose, 'back'))
      }
    />
  );
}
