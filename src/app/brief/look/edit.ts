import type { Look } from '@/core/brief';

/** A look, and what changes it. */
export interface LookEdit {
  look: Look;
  onChange(patch: Partial<Look>): void;
}
