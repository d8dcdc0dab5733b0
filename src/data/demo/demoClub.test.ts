import { describe, expect, it } from 'vitest';
import { CAMERA } from '../../../tests/support/people';
import { bodyFrom } from '@/core/body';
import { arrangeGroup, type Modelled } from '@/core/group';
import { USUAL_LENSES } from '@/core/set';
import { sittingSchema, takeSchema, type Take } from '@/core/sitting';
import { CLUB_SITTING, clubTakes } from './demoClub';
import { DEMO_PEOPLE } from './demoPeople';

const takes = clubTakes();
const eight = takes.find((t) => t.lookId === 'club-eight')!;

function modelled({ shot }: Take): Modelled[] {
  return shot.people.map(({ role, personId }) => {
    const { profile } = DEMO_PEOPLE.find((p) => p.id === personId)!;
    return { role, profile, body: bodyFrom(profile) };
  });
}

describe('the club’s sitting', () => {
  it('is sound: a look for the couple with four arrangements, one for the eight with their cox, one for the family', () => {
    expect(sittingSchema.parse(CLUB_SITTING)).toEqual(CLUB_SITTING);
    for (const take of takes) expect(takeSchema.parse(take)).toEqual(take);
    const people = takes.map((t) => t.shot.people.length);
    expect(people).toEqual([2, 2, 2, 2, 9, 3]);
    const ids = new Set(takes.flatMap((t) => t.shot.people.map((p) => p.personId)));
    expect([...ids].sort()).toEqual([...CLUB_SITTING.personIds].sort());
  });

  it('has the eight where Gilvo itself puts them', () => {
    const steps = arrangeGroup({
      group: modelled(eight),
      means: { chairs: 3, benches: 1, boxes: 0, floor: false },
      wishes: { relations: [] },
      setting: {
        room: CLUB_SITTING.room,
        camera: { ...CAMERA, focalLengthMm: 50 },
        light: eight.shot.light,
        lenses: USUAL_LENSES,
      },
      seed: 1,
    });
    let step = steps.next();
    while (!step.done) step = steps.next();
    const [best] = step.value;
    const rows = best!.laid.plan.rows;
    expect(rows).toEqual([
      { level: 'seat', count: 5 },
      { level: 'standing', count: 4 },
    ]);
    // the people of the picture come in the order of their places
    expect(best!.order).toEqual(eight.shot.people.map((_, i) => i));
    best!.laid.places.forEach(({ xM, zM }, at) => {
      const { leftM, aheadM } = eight.shot.people[at]!.mark!;
      expect(Math.hypot(xM - leftM, zM - aheadM)).toBeLessThan(0.03);
    });
  });
});
