import type { Vec3 } from '../../units';

/** Distance from a point of the set to something that a part must not run through, metres; negative inside. */
export type Clearance = (p: Vec3) => number;
