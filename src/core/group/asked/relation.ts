import type { Role } from '../../checks';
import { isChild } from '../../body';
import type { Member } from './member';

interface RelationRow {
  /** What two places so far apart cost them, metres. */
  cost(apartM: number): number;
}

/** Beside each other, or the one in the gap before the other, metres. */
export const BESIDE_M = 0.85;

const further = (perM: number) => (apartM: number) => perM * Math.max(0, apartM - BESIDE_M);

/** How people of a group belong together. Weights are from memory: what a family remarks on first costs most. */
export const RELATIONS = {
  kin: { cost: further(1) },
  couple: { cost: further(4) },
  near: { cost: further(2) },
  apart: { cost: (apartM) => 4 * Math.max(0, 2 * BESIDE_M - apartM) },
} as const satisfies Record<string, RelationRow>;
export type RelationKind = keyof typeof RELATIONS;
export const RELATION_KINDS = Object.keys(RELATIONS) as RelationKind[];

/** A child among its kin stands beside a grown-up of them. */
const CHILD_AND_KIN = further(3);

/** Some of a group who belong together, or who do not. */
export interface Relation {
  kind: RelationKind;
  roles: readonly Role[];
}

/** What a distance between two members costs, by all that was said of them; the weight of kin is shared among them. */
export function relationCost(
  relations: readonly Relation[],
  a: Member,
  b: Member,
): (apartM: number) => number {
  const costs = relations
    .filter(({ roles }) => roles.includes(a.role) && roles.includes(b.role))
    .map(({ kind, roles }) => {
      const cost =
        kind === 'kin' && isChild(a.profile) !== isChild(b.profile) ? CHILD_AND_KIN : RELATIONS[kind].cost;
      const shared = kind === 'apart' ? 1 : roles.length - 1;
      return (apartM: number) => cost(apartM) / shared;
    });
  return (apartM) => costs.reduce((sum, cost) => sum + cost(apartM), 0);
}
