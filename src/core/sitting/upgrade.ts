import { EMPTY_LOOK } from '../brief';
import { EMPTY_SITTER } from '../people';
import { FIRST_ROLE } from '../shot';

/** The one look that a sitting of the first version had. */
export const FIRST_LOOK_ID = 'look-1';

type Raw = Record<string, unknown>;

function isRecord(value: unknown): value is Raw {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** A sitter of the first version, whose clothes were tones of the body; anything else stays as it is. */
export function upgradeSitter(raw: unknown): unknown {
  if (!isRecord(raw) || !isRecord(raw.profile) || !isRecord(raw.profile.tones)) return raw;
  const { top, trousers, shoes, ...tones } = raw.profile.tones;
  if (raw.profile.outfit !== undefined || top === undefined) return raw;
  const outfit = {
    top: { cut: 'tShirt', tone: top },
    bottom: { cut: 'trousers', tone: trousers },
    shoes: { heelM: 0, tone: shoes },
  };
  return { ...EMPTY_SITTER, ...raw, profile: { ...raw.profile, tones, outfit } };
}

/** A sitting of an earlier version. */
export function upgradeSitting(raw: unknown): unknown {
  return withPeople(withoutJawMillimetres(withLooks(raw)));
}

/** Up to the fifth version a sitting had one sitter. */
function withPeople(raw: unknown): unknown {
  if (!isRecord(raw) || raw.personIds !== undefined || raw.sitterId === undefined) return raw;
  const { sitterId, ...rest } = raw;
  return { ...rest, personIds: [sitterId] };
}

/** Up to the third version the jaw was wanted in millimetres; against the sitter's own at ease they say nothing. */
function withoutJawMillimetres(raw: unknown): unknown {
  if (!isRecord(raw) || !Array.isArray(raw.looks)) return raw;
  const looks = raw.looks.map((look: unknown) => {
    if (!isRecord(look) || !isRecord(look.targets) || look.targets.jawStepMm === undefined) return look;
    const { jawStepMm: _, ...targets } = look.targets;
    return { ...look, targets };
  });
  return { ...raw, looks };
}

/** A sitting of the first version, which had the name of a look and no brief. */
function withLooks(raw: unknown): unknown {
  if (!isRecord(raw) || raw.looks !== undefined) return raw;
  const { lookName, ...rest } = raw;
  const name = typeof lookName === 'string' && lookName.trim() !== '' ? lookName : EMPTY_LOOK.name;
  return {
    comes: '',
    ...rest,
    looks: [{ ...EMPTY_LOOK, id: FIRST_LOOK_ID, name, minutes: rest.minutes ?? EMPTY_LOOK.minutes }],
  };
}

/** Whose sitting it was when a sitting had one sitter; undefined where that is not known. */
export type SitterOfSitting = (sittingId: string) => string | undefined;

/**
 * A take of an earlier version: in the first it belonged to the only look; up to the second the place on the other
 * upper arm had a name of its own; up to the fifth its picture had one pose, and did not say whose.
 */
export function upgradeTake(raw: unknown, sitterOf: SitterOfSitting): unknown {
  if (!isRecord(raw)) return raw;
  const take: Raw = raw.lookId === undefined ? { ...raw, lookId: FIRST_LOOK_ID } : raw;
  return withPosedPeople(withOtherArm(take), sitterOf);
}

/** The one pose becomes that of the first role; what carries it and what it says are the picture's. */
function withPosedPeople(take: Raw, sitterOf: SitterOfSitting): Raw {
  const { shot, meant, sittingId } = take;
  if (!isRecord(shot) || !isRecord(shot.pose) || shot.people !== undefined) return take;
  const { pose: whole, ...set } = shot;
  const { objects = [], message, ...pose } = whole as Raw;
  const people = [{ role: FIRST_ROLE, personId: sitterOf(String(sittingId)), pose }];
  return { ...take, shot: { people, supports: objects, message, ...set }, meant: withRole(meant) };
}

function withRole(meant: unknown): unknown {
  if (!Array.isArray(meant)) return meant;
  return meant.map((m: unknown) =>
    isRecord(m) && typeof m.findingId === 'string' ? { ...m, findingId: `${FIRST_ROLE}/${m.findingId}` } : m,
  );
}

function withOtherArm(take: Raw): Raw {
  const { shot } = take;
  if (!isRecord(shot) || !isRecord(shot.pose) || !Array.isArray(shot.pose.contacts)) return take;
  const contacts = shot.pose.contacts.map((c: unknown) =>
    isRecord(c) && c.to === 'otherUpperArm' ? { ...c, to: 'other:upperArm' } : c,
  );
  return { ...take, shot: { ...shot, pose: { ...shot.pose, contacts } } };
}
