import { carrierAmong, type CarryPlace } from '../../scene';
import { burdenOf, sitOn } from './carrying';
import type { ToPose } from './linked';
import type { Member } from './member';

/** Somebody who is carried, and by whom. */
export interface Carrying {
  carried: Member;
  carrier: Member;
  on: CarryPlace;
}

/** Sits everybody who is carried on their carrier, who from then on bears their weight. */
export function carryAll(carryings: readonly Carrying[]): void {
  for (const { carried, carrier } of carryings) sitOn(carried, carrier);
  bearAll(carryings);
}

/** Gives everybody who carries the weight of those who are carried, as they are placed. */
export function bearAll(carryings: readonly Carrying[]): void {
  for (const { carrier } of carryings)
    carrier.burdens = carryings.filter((c) => c.carrier === carrier).map((c) => burdenOf(c.carried, c.on));
}

/** Who of some people is carried by whom. */
export function carryingsOf(people: readonly ToPose[], byRole: ReadonlyMap<string, Member>): Carrying[] {
  return people.flatMap((one) => {
    const carrier = carrierAmong(one, people);
    const on = one.mark?.carriedBy?.on;
    return carrier && on ? [{ carried: byRole.get(one.role)!, carrier: byRole.get(carrier.role)!, on }] : [];
  });
}
