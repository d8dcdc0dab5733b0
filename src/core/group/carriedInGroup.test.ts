import { describe, expect, it } from 'vitest';
import { groupOf } from '../../../tests/support/crew';
import { shotOf } from '../../../tests/support/people';
import { handOn } from '../library/pairs/arrangement';
import { neutralPose, type Contact } from '../pose';
import { usualCarry, type Mark } from '../scene';
import { shotOfOne, withAnother, withMark, type Shot } from '../shot';
import { groupShot, groupSheet, loosens, placesOfPlan } from '.';

const PUT_DOWN: Mark = { leftM: 2, aheadM: 1, turnLeftDeg: 0 };
const OWN: Contact = { part: 'right:palm', to: 'hipCrest', kind: 'rest', pressure: 'light' };
const HOLDS = handOn('left:palm', 'd', 'thighOuter', 'left');

/** Four, of whom the last is carried on the hip by the first, who holds them and has a hand on the own hip. */
function family(carriedBy = usualCarry('a', 'hip')): Shot {
  const alone = shotOfOne('person-a', shotOf({}, { distanceM: 5 }));
  const all = ['b', 'c', 'd'].reduce((s, role) => withAnother(s, `person-${role}`, neutralPose('x')), alone);
  const placed = withMark(all, 'd', { ...PUT_DOWN, carriedBy });
  const contacts: Record<string, Contact[]> = {
    a: [HOLDS, OWN],
    d: [handOn('right:palm', 'a', 'shoulderBack', 'left')],
  };
  return {
    ...placed,
    people: placed.people.map((p) => ({ ...p, pose: { ...p.pose, contacts: contacts[p.role] ?? [] } })),
  };
}

function inRows(shot: Shot): Shot {
  const members = groupOf(3).map((m, i) => ({ ...m, role: 'abc'[i]! }));
  const plan = { rows: [{ level: 'standing', count: 3 }], isCurved: false } as const;
  const places = placesOfPlan(plan, 0, 0.6, 5);
  const found = {
    laid: { places, camera: shot.camera },
    order: [1, 0, 2],
    light: shot.light,
    told: { apertureF: 5.6 },
  };
  const means = { chairs: 0, benches: 0, boxes: 0, floor: false };
  return groupShot(shot, found, members, means, 'three and a child');
}
const personIn = (shot: Shot, role: string) => shot.people.find((p) => p.role === role)!;

describe('somebody who is carried in a group', () => {
  it('rides along as they are, held by whoever carries, who lets go of everything else', () => {
    const before = family();
    const after = inRows(before);
    expect(personIn(after, 'd')).toEqual(personIn(before, 'd'));
    expect(personIn(after, 'a').pose.contacts).toEqual([HOLDS]);
    expect(personIn(after, 'a').mark!.leftM).toBeCloseTo(0, 6);
    expect(after.people.map((p) => p.role)).toEqual(['a', 'b', 'c', 'd']);
  });

  it('is not among what rows take back', () => {
    const held = family();
    expect(loosens(held)).toBe(false);
    const withHand: Shot = {
      ...held,
      people: held.people.map((p) =>
        p.role === 'b'
          ? { ...p, pose: { ...p.pose, contacts: [handOn('left:palm', 'c', 'shoulder', 'right')] } }
          : p,
      ),
    };
    expect(loosens(withHand)).toBe(true);
    // where the carrier is not there, the hand on somebody is one like any other
    expect(loosens(family(usualCarry('z', 'hip')))).toBe(true);
  });

  it('is on the sheet beside the carrier, and called last', () => {
    const { places, calling, focusM } = groupSheet(inRows(family()), () => undefined);
    const [a, d] = ['a', 'd'].map((role) => places.find((p) => p.role === role)!) as [
      (typeof places)[number],
      (typeof places)[number],
    ];
    expect([a.carriedBy, d.carriedBy]).toEqual([null, 'a']);
    expect(d.row).toBe(a.row);
    expect(d.xM - a.xM).toBeCloseTo(0.22, 6);
    expect(calling.at(-1)).toBe('d');
    // nobody is where the child would be put down
    expect(focusM).toBeCloseTo(5, 1);
  });
});
