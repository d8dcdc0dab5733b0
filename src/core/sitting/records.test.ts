import { describe, expect, it } from 'vitest';
import { CLUB_SITTING, clubTakes } from '../../data/demo/demoClub';
import { USUAL_GROUPING } from '../group';
import { meantId, sittingSchema, takeSchema, takeWithoutRole, withPeople, type Take } from '.';

const eight = clubTakes().find((t) => t.shot.people.length === 9)!;
const [a, b, c] = eight.shot.people.map((p) => p.role) as [string, string, string];

describe('a picture without one of its people', () => {
  const said: Take = {
    ...eight,
    meant: [
      { findingId: meantId(a, 'even-weight'), reason: 'on purpose' },
      { findingId: meantId(b, 'even-weight'), reason: 'on purpose' },
    ],
    grouping: {
      ...USUAL_GROUPING,
      relations: [
        { kind: 'near', roles: [a, b] },
        { kind: 'apart', roles: [b, c] },
      ],
      honour: a,
    },
  };

  it('keeps what was said of the others, and nothing of the one who is gone', () => {
    const { meant, grouping, shot } = takeWithoutRole(said, a);
    expect(shot.people).toHaveLength(8);
    expect(meant.map((m) => m.findingId)).toEqual([meantId(b, 'even-weight')]);
    expect(grouping).toEqual({ ...USUAL_GROUPING, relations: [{ kind: 'apart', roles: [b, c] }] });
    expect(takeWithoutRole(said, c).grouping?.honour).toBe(a);
    expect(takeSchema.parse(takeWithoutRole(said, a))).toEqual(takeWithoutRole(said, a));
  });

  it('has no wishes where none were said', () => {
    expect(takeWithoutRole(eight, a)).not.toHaveProperty('grouping');
  });
});

describe('a sitting with other people', () => {
  const [gone, ...left] = CLUB_SITTING.personIds as [string, ...string[]];

  it('has who is gone in no combination, and is sound', () => {
    const now = withPeople(CLUB_SITTING, left);
    expect(now.personIds).toEqual(left);
    expect(now.combinations!.some((one) => one.personIds.includes(gone))).toBe(false);
    expect(now.combinations).toHaveLength(CLUB_SITTING.combinations!.length);
    expect(sittingSchema.parse(now)).toEqual(now);
  });

  it('lists nobody who is not in it', () => {
    const { error } = sittingSchema.safeParse({ ...CLUB_SITTING, personIds: left });
    expect(error?.issues[0]?.path.slice(0, 2)).toEqual(['combinations', 1]);
    expect(error?.issues[0]?.message).toBe(`${gone} is not in the sitting`);
  });

  it('gets no combinations that it had not', () => {
    const { combinations: _, ...plain } = CLUB_SITTING;
    expect(withPeople(plain, left)).not.toHaveProperty('combinations');
  });
});
