import { radians, smoothstep } from '../../units';
import { ellipsoid, loft, roundedCone, smoothUnion, type Field, type Loft, type Ring } from './distance';
import { bodyRings, softOf, type Flesh } from './girths';
import { BIND_ARM_DEG, BIND_LEG_DEG, heightsOf, placesAlong, type Lengths } from '../bones/proportions';

/** Place of a bind-pose point in the straight left limb's own coordinates, metres. */
export interface LimbPlace {
  /** From the shoulder or hip joint towards the fingers or toes. */
  along: number;
  /** Away from the mid-line of the body, at a right angle to the limb. */
  across: number;
  /** Towards the front. */
  depth: number;
}

const ARM_SIN = Math.sin(radians(BIND_ARM_DEG));
const ARM_COS = Math.cos(radians(BIND_ARM_DEG));
const LEG_SIN = Math.sin(radians(BIND_LEG_DEG));
const LEG_COS = Math.cos(radians(BIND_LEG_DEG));

/** Arm coordinates of a point whose x has been made positive for the arm's own side. */
export function armPlace(lengths: Lengths, x: number, y: number, z: number): LimbPlace {
  const dx = x - lengths.shoulderJointM;
  const dy = y - lengths.shoulderHeightM;
  return { along: ARM_SIN * dx - ARM_COS * dy, across: ARM_COS * dx + ARM_SIN * dy, depth: z };
}

/** Leg coordinates of a point whose x has been made positive for the leg's own side. */
export function legPlace(lengths: Lengths, x: number, y: number, z: number): LimbPlace {
  const dx = x - lengths.hipJointM;
  const dy = y - lengths.hipHeightM;
  return { along: LEG_SIN * dx - LEG_COS * dy, across: LEG_COS * dx + LEG_SIN * dy, depth: z };
}

/** The naked body without head, hands and feet, as fields of its regions. */
export interface BodyFields {
  /** Trunk with shoulders, chest and seat. */
  trunk: Field;
  neck: Field;
  /** One arm, left for positive x. Pass |x| for either side. */
  arm: Field;
  /** One leg, left for positive x; valid for negative x too. */
  leg: Field;
  /** Everything joined. */
  whole: Field;
  /** How far the body reaches from its axis below the ribs, metres: room for what is worn over it. */
  reach: { sideM: number; frontM: number; backM: number; shoulderM: number };
  trunkLoft: Loft;
  armLoft: Loft;
  legLoft: Loft;
}

/**
 * The belly of a pregnancy: an ellipsoid in front of the waist, from the fourth month on. Its volume at nine months
 * is near that of the womb at term with child and waters, 5 to 6 litres (from memory).
 */
function pregnancyBump(months: number, belly: Omit<Ring, 'power'>, unit: number) {
  const grown = smoothstep(2, 9, months);
  if (grown === 0) return null;
  return {
    centreZ: belly.centreW + belly.front - (34 - 16 * grown) * unit,
    acrossM: (40 + 37 * grown) * unit,
    upM: (44 + 42 * grown) * unit,
    depthM: (22 + 62 * grown) * unit,
  };
}

/** Builds the fields of one body from its cross-sections. */
export function bodyFields(lengths: Lengths, flesh: Flesh): BodyFields {
  const rings = bodyRings(lengths, flesh);
  const heightM = heightsOf(lengths);
  const trunkLoft = loft(rings.trunk);
  const neckLoft = loft(rings.neck);
  const armLoft = loft(rings.arm);
  const legLoft = loft(rings.leg);
  const unit = lengths.frameM / 1000;
  const chestSoft = softOf(flesh, 'chest');
  const hipSoft = softOf(flesh, 'hip');
  const bellySoft = softOf(flesh, 'belly');
  const armSoft = softOf(flesh, 'upperArm');
  const c = flesh.contourShare;

  const chestFront = trunkLoft.ring(heightM(0.725));
  const bustR = (29 + 11 * c + 2 * chestSoft) * unit;
  const bustX = (41 + 3 * c) * unit;
  const bustY = heightM(0.742 - 0.018 * c);
  const bustZ = chestFront.centreW + chestFront.front - (24 - 12 * c - 1.2 * chestSoft) * unit;
  const bustDepth = (14 + 16 * c + 0.8 * chestSoft) * unit;

  const seat = trunkLoft.ring(heightM(0.515));
  const seatR = (38 + 4 * c + 2.4 * hipSoft) * (flesh.girthFactors.hip ?? 1) * unit;
  const seatX = (40 + 2 * hipSoft) * unit;
  const seatZ = seat.centreW - seat.back + (24 - 5 * c) * unit;

  const belly = trunkLoft.ring(heightM(0.595));
  const bellyDepth = Math.max(0, bellySoft) * 5 * unit;

  const deltX = lengths.shoulderJointM + (1 + 0.4 * armSoft) * unit;

  const seatY = heightM(0.5);
  const bellyY = heightM(0.592);
  const neckSide = [28 * unit, heightM(0.834), -14 * unit];
  const shoulderPoint = [lengths.shoulderJointM - 6 * unit, lengths.shoulderHeightM - 11 * unit, -6 * unit];

  const bumpY = heightM(0.6);
  const bump = pregnancyBump(flesh.pregnancyMonths, belly, unit);

  const trunk: Field = (x, y, z) => {
    const ax = Math.abs(x);
    let d = trunkLoft.distance(y, x, z);
    d = smoothUnion(
      d,
      ellipsoid(
        ax - deltX,
        y - (lengths.shoulderHeightM - 20 * unit),
        z + 4 * unit,
        (20 + 3 * armSoft) * unit,
        (23 + 2 * armSoft) * unit,
        (25 + 3 * armSoft) * unit,
      ),
      0.04,
    );
    // trapezius, from the side of the neck to the point of the shoulder
    d = smoothUnion(d, roundedCone(ax, y, z, neckSide, shoulderPoint, 19 * unit, 15 * unit), 0.045);
    d = smoothUnion(
      d,
      ellipsoid(ax - bustX, y - bustY, z - bustZ, bustR, bustR * (0.86 + 0.1 * c), bustDepth),
      0.05,
    );
    d = smoothUnion(d, ellipsoid(ax - seatX, y - seatY, z - seatZ, seatR, seatR * 1.15, seatR * 0.66), 0.045);
    if (bellyDepth > 0)
      d = smoothUnion(
        d,
        ellipsoid(
          x,
          y - bellyY,
          z - belly.centreW - belly.front + 40 * unit,
          belly.outer * 0.82,
          62 * unit,
          38 * unit + bellyDepth,
        ),
        0.06,
      );
    if (bump)
      d = smoothUnion(
        d,
        ellipsoid(x, y - bumpY, z - bump.centreZ, bump.acrossM, bump.upM, bump.depthM),
        0.05,
      );
    return d;
  };
  const neck: Field = (x, y, z) => neckLoft.distance(y, x, z);
  const arm: Field = (x, y, z) => {
    const dx = x - lengths.shoulderJointM;
    const dy = y - lengths.shoulderHeightM;
    return armLoft.distance(ARM_SIN * dx - ARM_COS * dy, ARM_COS * dx + ARM_SIN * dy, z);
  };
  const leg: Field = (x, y, z) => {
    const dx = x - lengths.hipJointM;
    const dy = y - lengths.hipHeightM;
    return legLoft.distance(LEG_SIN * dx - LEG_COS * dy, LEG_COS * dx + LEG_SIN * dy, z);
  };
  const armsFromY = heightM(0.4);
  const neckFromY = heightM(0.78);
  const legsToY = heightM(0.64);
  const whole: Field = (x, y, z) => {
    const ax = Math.abs(x);
    let d = trunk(x, y, z);
    if (y > armsFromY) d = smoothUnion(d, arm(ax, y, z), 0.04);
    if (y > neckFromY) d = smoothUnion(d, neck(x, y, z), 0.04);
    if (y < legsToY) {
      d = smoothUnion(d, leg(ax, y, z), 0.035);
      if (ax < 0.06) d = smoothUnion(d, leg(-ax, y, z), 0.02);
    }
    return d;
  };
  const thigh = legLoft.ring(placesAlong(lengths, 'leg')(0.03));
  const upperArm = armLoft.ring(0.08 * lengths.frameM);
  const swell = 0.012;
  const reach = {
    sideM:
      Math.max(belly.outer, trunkLoft.ring(heightM(0.545)).outer, lengths.hipJointM + thigh.outer) + swell,
    frontM:
      Math.max(
        chestFront.centreW + chestFront.front,
        bustZ + bustDepth,
        belly.centreW + belly.front + (bellyDepth > 0 ? bellyDepth : 0),
        bump ? bump.centreZ + bump.depthM : 0,
      ) + swell,
    // as far down the arm as the trunk of a top goes
    shoulderM: lengths.shoulderJointM + 0.06 * lengths.frameM + upperArm.outer + 3 * swell,
    backM: Math.max(seat.back - seat.centreW, 0.66 * seatR - seatZ, thigh.back) + swell,
  };
  return { reach, trunk, neck, arm, leg, whole, trunkLoft, armLoft, legLoft };
}
