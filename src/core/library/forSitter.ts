import type { Pose } from '../pose';
import { SUPPORTS, type Support } from '../scene';
import { clamp } from '../units';

/** A support as this sitter has it: a wheelchair of which no seat height was said has that of the sitter's own. */
export function ownSupport(support: Support, wheelchairSeatM: number | undefined): Support {
  if (support.kind !== 'wheelchair' || wheelchairSeatM === undefined || support.sizesM?.seatHeightM)
    return support;
  const [min, max] = SUPPORTS.wheelchair.sizes.seatHeightM!;
  return { ...support, sizesM: { ...support.sizesM, seatHeightM: clamp(wheelchairSeatM, min, max) } };
}

/** A pose with the sitter's own supports in it. */
export function forSitter(pose: Pose, wheelchairSeatM: number | undefined): Pose {
  if (!pose.objects) return pose;
  return { ...pose, objects: pose.objects.map((o) => ownSupport(o, wheelchairSeatM)) };
}
