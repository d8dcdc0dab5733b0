import { bodyFrom, type Body } from '@/core/body';
import {
  arrangeGroup,
  exchanged,
  rearranged,
  type GroupAsked,
  type GroupOrder,
  type Member,
} from '@/core/group';
import { stoppable, type OnShare } from './stoppable';

/** What the page asks to be arranged: people, not bodies. */
export type GroupToArrange = Omit<GroupAsked, 'group'> & { members: readonly Member[] };

/** Bodies of the group that was arranged last. */
let bodies = new Map<string, Body>();

function modelled({ members, ...asked }: GroupToArrange): GroupAsked {
  const before = bodies;
  bodies = new Map();
  const group = members.map((member) => {
    const key = JSON.stringify(member.profile);
    const body = bodies.get(key) ?? before.get(key) ?? bodyFrom(member.profile);
    bodies.set(key, body);
    return { ...member, body };
  });
  return { ...asked, group };
}

const arranging = stoppable();

/** Stops what is being arranged. */
export function callOffArranging(): void {
  arranging.callOff();
}

/** Arranges a group, step by step, so that it can be called off; null where it was. */
export async function arrangeInSteps(asked: GroupToArrange, onShare?: OnShare): Promise<GroupOrder[] | null> {
  const steps = arrangeGroup(modelled(asked));
  return arranging.run(() => steps.next(), onShare);
}

/** The order anew at the places that it has, with some who stay. */
export function arrangeAnew(asked: GroupToArrange, found: GroupOrder, locked: readonly string[]): GroupOrder {
  return rearranged(modelled(asked), found, locked);
}

/** The order with two exchanged. */
export function exchangeTwo(asked: GroupToArrange, found: GroupOrder, a: string, b: string): GroupOrder {
  return exchanged(modelled(asked), found, a, b);
}
