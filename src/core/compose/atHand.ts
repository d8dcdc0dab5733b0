import type { Room, SupportKindName } from '../scene';

/** What is found wherever pictures are taken (common practice). */
const ANYWHERE: readonly SupportKindName[] = ['chair', 'stool', 'wall'];

/** Supports that can be counted on in a room: what stands there, and what is found anywhere. */
export function supportsAtHand({ furniture = [] }: Room): SupportKindName[] {
  return [...new Set([...ANYWHERE, ...furniture.map((piece) => piece.kind)])];
}
