import { describe, expect, it } from 'vitest';
import { groupOf } from '../../../tests/support/crew';
import { CAMERA, LIGHT } from '../../../tests/support/people';
import { roomOf } from '../../../tests/support/rooms';
import { USUAL_LENSES } from '@/core/set';
import { arrangeInSteps, callOffArranging, exchangeTwo, type GroupToArrange } from './arranging';

const ASKED: GroupToArrange = {
  members: groupOf(5).map(({ role, profile }) => ({ role, profile })),
  means: { chairs: 3, benches: 1, boxes: 0, floor: false },
  wishes: { relations: [] },
  setting: { room: roomOf(), camera: { ...CAMERA, focalLengthMm: 50 }, light: LIGHT, lenses: USUAL_LENSES },
  seed: 1,
};

describe('arranging in the worker', () => {
  it('tells its share up to the end, and gives orders', async () => {
    const shares: number[] = [];
    const orders = await arrangeInSteps(ASKED, (share) => shares.push(share));
    expect(orders!.length).toBeGreaterThan(0);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(shares.every((s) => s >= 0 && s <= 1)).toBe(true);
  });

  it('stops at its next step when it is called off', async () => {
    let heard = 0;
    const orders = await arrangeInSteps(ASKED, () => {
      heard++;
      callOffArranging();
    });
    expect(orders).toBeNull();
    expect(heard).toBe(1);
  });

  it('stops when another is asked for', async () => {
    const first = arrangeInSteps(ASKED);
    const second = arrangeInSteps(ASKED);
    expect(await first).toBeNull();
    expect(await second).not.toBeNull();
  });

  it('exchanges two of what it found', async () => {
    const [found] = (await arrangeInSteps(ASKED))!;
    const roleAt = (order: readonly number[], at: number) => ASKED.members[order[at]!]!.role;
    const [a, b] = [roleAt(found!.order, 0), roleAt(found!.order, 1)];
    const { order } = exchangeTwo(ASKED, found!, a, b);
    expect([roleAt(order, 0), roleAt(order, 1)]).toEqual([b, a]);
  });
});
