import { headToBind } from '../../body';
import type { BodyPlaceName } from '../../pose';
import { SIDES, type Side, type Vec3 } from '../../units';
import type { Partner } from '../carriage';
import type { Clearance } from '../clearances/clearance';
import { boneDistance, limbDistance } from '../clearances/limbDistance';
import { trunkDistance } from '../clearances/trunkDistance';
import { carried } from '../joints/frames';
import { ARM_PLACES } from '../trunk/reach';
import type { Member } from './member';

/** Middle of the skull from jaw to crown as a rod, in the head's own measure. */
const HEAD_ROD = [
  [0, 0.3, 0.05],
  [0, 0.7, 0.02],
] as const;
/** Half the breadth of a head, head heights. */
const HEAD_RADIUS = 0.36;

export function headRod({ frames, body }: Partner): Clearance {
  const [low, high] = HEAD_ROD.map((p) => carried(frames, body, 'head', headToBind(body.lengths, p))) as [
    Vec3,
    Vec3,
  ];
  const r = HEAD_RADIUS * body.lengths.headHeightM;
  return (p) => boneDistance(p, low, high, r, r);
}

/** Whether an arm of somebody is held by another, who must not shy from it. */
function isHeldBy(member: Member, side: Side, holder: Member): boolean {
  return holder.said.contacts.some(
    ({ of, to }) => of?.role === member.role && of.side === side && ARM_PLACES.has(to as BodyPlaceName),
  );
}

/** What the arms of one keep clear of in others: trunks, heads and legs, and arms that were laid before. */
export function clearanceFrom(member: Member, others: readonly Member[], laid: readonly Member[]): Clearance {
  const parts = others.flatMap((other) => [
    trunkDistance(other.frames, other.body),
    headRod(other),
    ...SIDES.map((s) => limbDistance(other.frames, other.body, 'leg', s)),
    ...SIDES.filter((s) => laid.includes(other) && !isHeldBy(other, s, member)).map((s) =>
      limbDistance(other.frames, other.body, 'arm', s),
    ),
  ]);
  return (p) => {
    let least = Infinity;
    for (const part of parts) least = Math.min(least, part(p));
    return least;
  };
}
