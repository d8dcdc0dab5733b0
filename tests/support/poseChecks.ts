import { PARTS, type Body, type BodySurface, type PartName } from '@/core/body';
import { createSkinned, figureOf, skinSurface, type Figure, type UnreachedId } from '@/core/figure';
import { contactOf, type Pose } from '@/core/pose';
import { placedDistance, placeSupport, solidsOf } from '@/core/scene';
import { SIDES, type Side } from '@/core/units';
import { selfContacts, type Limb } from './selfContact';

/** Every limit that a solved figure is held to; depths in metres, angles in degrees. */
export const POSE_LIMITS = {
  /** A standing sole against what it stands on. */
  soleM: 0.003,
  /** Bony parts in a support or in the floor. */
  hardM: 0.005,
  /** Flesh that yields: thighs, seat, waist, back and what is worn over them. */
  softM: 0.035,
  /** A hand or another part against its contact, unless it is told. */
  contactM: 0.01,
  wristDeg: 62,
  bearingWristDeg: 85,
  wristSideDeg: [-25, 32],
  forearmTurnDeg: 90,
  elbowDeg: 150,
  kneeDeg: 160,
  hipFlexionDeg: 132,
  hipExtensionDeg: 40,
  /** An arm or a hand in the flesh and the clothes of trunk, thighs and upper arms. */
  armInFleshM: 0.03,
  /** A hand or a forearm in head, hand, forearm or shin; the field of the head is true to its skin within 3 mm. */
  armInBonyM: 0.027,
  /** Calf against thigh where one kneels, and both thick parts pressed on each other where knees are crossed. */
  legInLegM: 0.05,
  crossedLegM: 0.075,
} as const;

/** How deep one part may be in another of the same body. */
function mostSelfM(pose: Pose, limb: Limb, other: Limb): number {
  if (/Shank/.test(limb)) return pose.crossed ? POSE_LIMITS.crossedLegM : POSE_LIMITS.legInLegM;
  return /trunk|Thigh|UpperArm/.test(other) ? POSE_LIMITS.armInFleshM : POSE_LIMITS.armInBonyM;
}

/** Hair gives way altogether. */
const HAIR_M = 0.07;

const SOFT = /thigh|hips|waist|chest|neck|hair|upperArm|knee|shin/;

/** Faults of one pose on one body, in words with amounts; empty when it passes every check. */
export function faultsOf(body: Body, surface: BodySurface, pose: Pose): { faults: string[]; figure: Figure } {
  const figure = figureOf(body, pose, { lens: [0, 1.2, 4] });
  const faults: string[] = [];
  const L = POSE_LIMITS;
  const isTold = (id: UnreachedId, side: Side) =>
    figure.unreached.some((u) => u.id === id && u.side === side);
  const skinned = createSkinned(surface);
  skinSurface(surface, figure.transforms, skinned);
  const solids = solidsOf((pose.objects ?? []).map(placeSupport));

  const deepest = new Map<PartName, number>();
  for (let v = 0; v < surface.labels.length; v++) {
    const part = PARTS[surface.labels[v]!]!;
    const p = [0, 1, 2].map((c) => skinned.positions[v * 3 + c]!);
    let depth = -p[1]!;
    for (const solid of solids) depth = Math.max(depth, -placedDistance(solid, p) - solid.solid.softM);
    if (depth > (deepest.get(part) ?? 0)) deepest.set(part, depth);
  }
  for (const [part, depth] of deepest) {
    const most = part === 'hair' ? HAIR_M : SOFT.test(part) ? L.softM : L.hardM;
    if (depth > most) faults.push(`${part} ${(depth * 1000).toFixed(0)} mm in a support`);
  }

  for (const side of SIDES) {
    const arm = figure.arms[side];
    const contact = contactOf(pose, side);
    const wrist = contact?.kind === 'lean' ? L.bearingWristDeg : L.wristDeg;
    if (Math.abs(arm.wristBendDeg) > wrist) faults.push(`${side} wrist bent ${arm.wristBendDeg.toFixed(0)}°`);
    if (arm.wristSideDeg < L.wristSideDeg[0] || arm.wristSideDeg > L.wristSideDeg[1])
      faults.push(`${side} wrist sideways ${arm.wristSideDeg.toFixed(0)}°`);
    if (Math.abs(arm.forearmTurnDeg) > L.forearmTurnDeg)
      faults.push(`${side} forearm turned ${arm.forearmTurnDeg.toFixed(0)}°`);
    if (arm.elbowBendDeg > L.elbowDeg) faults.push(`${side} elbow bent ${arm.elbowBendDeg.toFixed(0)}°`);
    if (arm.gapM > L.contactM && !isTold('hand', side))
      faults.push(`${side} hand ${(arm.gapM * 1000).toFixed(0)} mm short and not told`);
    if (figure.kneeBendDeg[side] > L.kneeDeg)
      faults.push(`${side} knee bent ${figure.kneeBendDeg[side].toFixed(0)}°`);
    const { sole } = figure.feet[side];
    // part of a sole may stand over the edge of a rail or a seat
    const { heel, ball } = figure.feet[side];
    const under = [0.3, 0.5, 0.7].map((t) => [
      heel[0] + (ball[0] - heel[0]) * t,
      sole[0]?.[1] ?? 0,
      heel[2] + (ball[2] - heel[2]) * t,
    ]);
    const offM = [...sole, ...under].map((p) =>
      Math.min(Math.abs(p[1]!), ...solids.map((s) => Math.abs(placedDistance(s, p)))),
    );
    const isToldShort = isTold('foot', side);
    if (sole.length > 0 && Math.min(...offM) > L.soleM && !isToldShort)
      faults.push(`${side} sole ${(Math.min(...offM) * 1000).toFixed(0)} mm off`);
  }
  for (const { limb, other, depthM } of selfContacts(surface, skinned)) {
    const side = limb.startsWith('left') ? 'left' : 'right';
    // a hand in a pocket is inside what is worn
    if (/Hand|Forearm/.test(limb) && contactOf(pose, side)?.to.endsWith('Pocket')) continue;
    if (depthM > mostSelfM(pose, limb, other))
      faults.push(`${limb} ${(depthM * 1000).toFixed(0)} mm in ${other}`);
  }
  for (const m of figure.motions) {
    if (m.motion === 'hipFlexion' && m.deg > L.hipFlexionDeg)
      faults.push(`${m.side} hip bent ${m.deg.toFixed(0)}°`);
    if (m.motion === 'hipExtension' && m.deg > L.hipExtensionDeg)
      faults.push(`${m.side} hip drawn back ${m.deg.toFixed(0)}°`);
  }
  if (!figure.frames.position.flat().every(Number.isFinite)) faults.push('not a number');
  return { faults, figure };
}
