import { isChild } from '../body';
import type { Sitter } from './sitter';
import { USUAL_VOICE, type Listener } from './voice';

/** How somebody is spoken to, by their record; as usual where there is none. Nobody is polite to a child. */
export function listenerOf(sitter: Pick<Sitter, 'voice' | 'profile'> | undefined): Listener {
  const voice = sitter?.voice ?? USUAL_VOICE;
  return sitter && isChild(sitter.profile) ? { ...voice, manner: 'familiar', isChild: true } : voice;
}
