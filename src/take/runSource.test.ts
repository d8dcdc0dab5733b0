import { describe, expect, it } from 'vitest';
import { sunAt, type Site } from '@/core/scene';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { DEMO_SITTING, demoTakes } from '@/data/demo/demo';
import { DEMO_SITTER } from '@/data/demo/demoPeople';
import { runSourceOf, sunWindowOf } from './runSource';

const SITE: Site = { latitudeDeg: 59.3, longitudeDeg: 18.1, frontBearingDeg: 200 };
const OUTDOORS = {
  ...DEMO_SITTING,
  startsAt: '2026-06-21T08:00:00.000Z',
  room: { ...DEMO_SITTING.room, site: SITE },
};
/** The sun as it stands an hour and a half into the sitting. */
const SUN = sunAt(SITE, new Date('2026-06-21T09:30:00.000Z'));

/** A pose of the run that is lit by the sun. */
function inSun(take: Take, wishes?: Take['orderWishes']): Take {
  const { arcDeg, altitudeDeg } = SUN;
  const light = { ...take.shot.light, kind: 'sun' as const, arcDeg, altitudeDeg };
  return { ...take, shot: { ...take.shot, light }, ...(wishes && { orderWishes: wishes }) };
}
const whole = (sitting: WholeSitting['sitting'], takes: Take[], takenId?: string): WholeSitting => ({
  sitting,
  people: [DEMO_SITTER],
  takes,
  frames: takenId
    ? [
        {
          id: 'f',
          sittingId: sitting.id,
          takeId: takenId,
          takenAt: '2026-06-21T08:20:00.000Z',
          keeper: false,
        },
      ]
    : [],
});
const [first, second] = demoTakes() as [Take, Take];

describe('a run as it is planned', () => {
  it('has its poses in their order, with what was asked of them and whether there are frames', () => {
    const asked = { ...second, orderWishes: { mustHave: true as const } };
    const { stops, profiles } = runSourceOf(whole(DEMO_SITTING, [first, asked], first.id), {});
    expect(stops.map((s) => [s.id, s.isTaken, s.wishes])).toEqual([
      [first.id, true, {}],
      [second.id, false, { mustHave: true }],
    ]);
    expect(Object.keys(profiles)).toEqual([DEMO_SITTER.id]);
  });

  it('has a pose in the sun while the sun stands so, and no other pose bound to it', () => {
    const { stops } = runSourceOf(whole(OUTDOORS, [inSun(first), second]), {});
    const { fromMin, untilMin } = stops[0]!.wishes as Required<NonNullable<Take['orderWishes']>>;
    expect(fromMin).toBeLessThanOrEqual(90);
    expect(untilMin).toBeGreaterThanOrEqual(90);
    expect(stops[1]!.wishes).toEqual({});
  });

  it('keeps what was asked of its time within the sun', () => {
    const asked = inSun(first, { fromMin: 80, mustHave: true });
    const { stops } = runSourceOf(whole(OUTDOORS, [asked]), {});
    expect(stops[0]!.wishes).toMatchObject({ fromMin: 80, mustHave: true });
    expect(stops[0]!.wishes!.untilMin).toBeGreaterThanOrEqual(90);
  });
});

describe('the hours of the sun', () => {
  it('are not known where nobody has said where the set is, nor asked of a lamp', () => {
    const { site: _, ...anywhere } = OUTDOORS.room;
    expect(sunWindowOf({ ...OUTDOORS, room: anywhere }, inSun(first))).toBeUndefined();
    expect(sunWindowOf(OUTDOORS, first)).toBeUndefined();
  });

  it('are none on a day on which the sun does not rise so high', () => {
    const winter = { ...OUTDOORS, startsAt: '2026-12-21T08:00:00.000Z' };
    expect(sunWindowOf(winter, inSun(first))).toBeNull();
  });
});
