import type { ProxyMarked } from 'comlink';
import { bodyFrom, type Body } from '@/core/body';
import {
  arrangeGroup,
  exchanged,
  rearranged,
  type GroupAsked,
  type GroupOrder,
  type Member,
} from '@/core/group';

/** What the page asks to be arranged: people, not bodies. */
export type GroupToArrange = Omit<GroupAsked, 'group'> & { members: readonly Member[] };

/** Hears the share that is done, 0 to 1. */
export type OnShare = ((share: number) => void) & Partial<ProxyMarked>;

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

/** Which arranging is wanted; one that is not stops at its next step. */
let wanted = 0;

/** Stops what is being arranged. */
export function callOffArranging(): void {
  wanted++;
}

/** Arranges a group, step by step, so that it can be called off; null where it was. */
export async function arrangeInSteps(asked: GroupToArrange, onShare?: OnShare): Promise<GroupOrder[] | null> {
  const mine = ++wanted;
  const steps = arrangeGroup(modelled(asked));
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return step.value;
    onShare?.(step.value);
    await new Promise((resolve) => setTimeout(resolve));
    if (wanted !== mine) return null;
  }
}

/** The order anew at the places that it has, with some who stay. */
export function arrangeAnew(asked: GroupToArrange, found: GroupOrder, locked: readonly string[]): GroupOrder {
  return rearranged(modelled(asked), found, locked);
}

/** The order with two exchanged. */
export function exchangeTwo(asked: GroupToArrange, found: GroupOrder, a: string, b: string): GroupOrder {
  return exchanged(modelled(asked), found, a, b);
}
