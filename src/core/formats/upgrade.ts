import { EMPTY_LOOK } from '../brief';
import { EMPTY_SITTER } from '../people';

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

/** A sitting of the first version, which had the name of a look and no brief. */
export function upgradeSitting(raw: unknown): unknown {
  if (!isRecord(raw) || raw.looks !== undefined) return raw;
  const { lookName, ...rest } = raw;
  const name = typeof lookName === 'string' && lookName.trim() !== '' ? lookName : EMPTY_LOOK.name;
  return {
    comes: '',
    ...rest,
    looks: [{ ...EMPTY_LOOK, id: FIRST_LOOK_ID, name, minutes: rest.minutes ?? EMPTY_LOOK.minutes }],
  };
}

/** A take of the first version, which belonged to the only look. */
export function upgradeTake(raw: unknown): unknown {
  return isRecord(raw) && raw.lookId === undefined ? { ...raw, lookId: FIRST_LOOK_ID } : raw;
}
