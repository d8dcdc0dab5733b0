import { describe, expect, it } from 'vitest';
import { finished } from '../../../tests/support/finished';
import { LIGHT, profileOf, shotOf } from '../../../tests/support/people';
import { HOUSE_POSES } from '../library';
import type { Pose } from '../pose';
import { shotOfOne } from '../shot';
import { collidingWishes } from './colliding';
import { DISLIKE_IDS, DISLIKES, type DislikeId } from './dislikes';
import { ownPaceSchema, PACE_IDS, PACE_ROWS, paceWith, USUAL_PACE } from './pace';
import { bestPlan, planAsItStands, planInOrder } from './plan';
import { shorterPlan } from './shorter';
import { orderWishesSchema, type RunSource, type RunStop } from './stop';
import { minutesToRest, strainOf } from './strain';

const poses = Object.values(HOUSE_POSES).flat();
const named = (name: string): Pose => poses.find((p) => p.name === name)!;
const plain = named('Plain and tall');
const chair = named('Waiting for the ferry');

/** A picture of a run, standing quietly for three minutes where nothing else is said. */
function stop(
  id: string,
  said: Partial<RunStop> & { pose?: Pose; level?: number; camera?: object } = {},
): RunStop {
  const { pose = plain, level = pose.level, camera = {}, ...rest } = said;
  const shot = shotOfOne('runa', { ...shotOf({}, camera), pose: { ...pose, level }, light: LIGHT });
  return { id, lookId: 'shirt', minutes: 3, shot, ...rest };
}

const run = (stops: readonly RunStop[], profile = profileOf()): RunSource => ({
  stops,
  profiles: { runa: profile },
  wornIn: { shirt: 'a shirt', shirtAgain: 'a shirt', jacket: 'a jacket' },
});
const pace = USUAL_PACE;
const orderOf = (source: RunSource) => finished(bestPlan(source, pace)).steps.map((s) => s.id);
const disliked = (stops: readonly RunStop[]) => planAsItStands(run(stops), pace).disliked;

/** For each dislike a run in which it is seen, and the same pictures in an order in which it is not. */
const CASES: Record<DislikeId, { seen: RunStop[]; among: string[]; not: RunStop[] }> = (() => {
  const [easy, other, hard, harder] = [
    stop('easy', { level: 1 }),
    stop('other', { level: 2, pose: named('Slipway sway') }),
    stop('hard', { level: 3, pose: named('Stern and square') }),
    stop('harder', { level: 5, pose: named('Hand in the pocket') }),
  ];
  const third = stop('third', { level: 2, pose: named('Folded arms') });
  const must = stop('must', { wishes: { mustHave: true }, pose: named('Hands behind') });
  const [wide, close] = [
    stop('wide', { camera: { distanceM: 5 } }),
    stop('close', { camera: { distanceM: 2 } }),
  ];
  const formal = { ...plain.message, formality: 0.8 };
  const stands = stop('stands', { pose: { ...plain, message: formal } });
  const sits = stop('sits', { pose: { ...chair, message: formal } });
  return {
    demandingEarly: { seen: [hard, easy, other], among: ['hard'], not: [easy, other, hard] },
    mustHaveLate: { seen: [easy, must], among: ['must'], not: [must, easy] },
    demandingTogether: {
      seen: [easy, other, third, hard, harder],
      among: ['hard', 'harder'],
      not: [easy, other, hard, third, harder],
    },
    alike: {
      seen: [easy, stop('same', { level: 1 })],
      among: ['easy', 'same'],
      not: [easy, other, stop('same')],
    },
    closeBeforeWide: { seen: [close, other, wide], among: ['close', 'wide'], not: [wide, other, close] },
    standsCreased: { seen: [sits, stands], among: ['sits', 'stands'], not: [stands, sits] },
  };
})();

describe('what is not liked of an order', () => {
  it.each(DISLIKE_IDS)('%s: is seen where it is, and not where it is not', (dislike) => {
    const { seen, among, not } = CASES[dislike];
    expect(disliked(seen)).toContainEqual({ dislike, ids: among });
    expect(disliked(not).filter((d) => d.dislike === dislike && d.ids.join() === among.join())).toEqual([]);
  });

  it.each(DISLIKE_IDS)('%s: costs its seconds, and the best order does without it', (dislike) => {
    const { seen, not } = CASES[dislike];
    const changesS = ({ steps }: ReturnType<typeof planAsItStands>) => steps.at(-1)!.endS;
    const [bad, good] = [planAsItStands(run(seen), pace), planAsItStands(run(not), pace)];
    const overS = (plan: typeof bad) => plan.valueS - changesS(plan);
    expect(overS(bad)).toBeGreaterThanOrEqual(overS(good) + DISLIKES[dislike].seconds / 2);
    const best = finished(bestPlan(run(seen), pace));
    expect(best.valueS).toBeLessThanOrEqual(good.valueS + 1e-9);
  });

  it('casual clothes and other looks may crease', () => {
    const { seen } = CASES.standsCreased;
    const [sits, stands] = seen as [RunStop, RunStop];
    const casual = { ...stands, shot: { ...stands.shot, message: { ...stands.shot.message, formality: 0 } } };
    expect(disliked([sits, casual])).toEqual([]);
    expect(disliked([sits, { ...stands, lookId: 'jacket' }])).toEqual([]);
  });
});

describe('a plan', () => {
  it('adds up: changes, rests and pictures, one after the other', () => {
    const stops = ['Plain and tall', 'Waiting for the ferry', 'Hands behind', 'Boathouse wall'].map(
      (name, i) => stop(String(i), { pose: named(name), minutes: 9 }),
    );
    const { steps, endS } = planAsItStands(run(stops), pace);
    let atS = 0;
    for (const [i, step] of steps.entries()) {
      expect(step.beginS).toBeCloseTo(atS + step.changeS + step.restS + step.waitS, 6);
      expect(step.endS - step.beginS).toBeCloseTo(9 * 60, 6);
      expect(step.id).toBe(String(i));
      atS = step.endS;
    }
    expect(endS).toBe(atS);
    expect(steps.some((s) => s.restS > 0)).toBe(true);
  });

  it('keeps looks together: changing clothes takes longest', () => {
    const looks = ['shirt', 'jacket', 'shirtAgain', 'jacket', 'shirt'];
    const order = orderOf(run(looks.map((lookId, i) => stop(`${i} ${lookId}`, { lookId, pose: poses[i]! }))));
    const worn = order.map((id) => (id.includes('jacket') ? 'jacket' : 'shirt'));
    expect(worn.filter((w, i) => i > 0 && w !== worn[i - 1])).toHaveLength(1);
  });

  it('goes by the sentences that were found', () => {
    const stops = ['a', 'b', 'c'].map((id, i) => stop(id, { pose: poses[i]! }));
    const said = { a: { b: 9, c: 0 }, b: { a: 9, c: 9 }, c: { a: 9, b: 0 } };
    expect(orderOf({ ...run(stops), sentences: said })).toEqual(['a', 'c', 'b']);
    const { steps } = planAsItStands({ ...run(stops), sentences: said }, pace);
    expect(
      steps[1]!.changeS -
        planAsItStands({ ...run(stops), sentences: { a: { b: 0 } } }, pace).steps[1]!.changeS,
    ).toBe(9 * pace.sentence);
  });

  it('keeps what was asked: place, time, and what comes before', () => {
    const stops = [
      stop('first'),
      stop('late', { wishes: { fromMin: 20 }, pose: named('Slipway sway') }),
      stop('put', { wishes: { staysPut: true }, pose: chair }),
      stop('after', { wishes: { afterIds: ['late', 'gone'] }, pose: named('Hands behind') }),
      stop('soon', { wishes: { untilMin: 2 }, pose: named('Boathouse wall') }),
    ];
    const plan = finished(bestPlan(run(stops), pace));
    expect(plan.broken).toEqual([]);
    const order = plan.steps.map((s) => s.id);
    expect(order[0]).toBe('soon');
    expect(order[2]).toBe('put');
    expect(order.indexOf('after')).toBeGreaterThan(order.indexOf('late'));
    expect(plan.steps.find((s) => s.id === 'late')!.beginS).toBeGreaterThanOrEqual(20 * 60);
  });

  it('tells what is broken as it stands, and what the least is that has to give', () => {
    const stops = [
      stop('a', { wishes: { afterIds: ['b'] } }),
      stop('b', { wishes: { afterIds: ['a'], untilMin: 0 }, pose: chair }),
      stop('c', { pose: named('Slipway sway') }),
    ];
    expect(planAsItStands(run(stops), pace).broken).toEqual([
      { kind: 'after', id: 'a', afterId: 'b' },
      {
        kind: 'late',
        id: 'b',
        lateS: expect.closeTo(180 + planAsItStands(run(stops), pace).steps[1]!.changeS, 6) as number,
      },
    ]);
    const { broken, steps } = finished(bestPlan(run(stops), pace));
    expect(steps[0]!.id).toBe('b');
    expect(broken).toEqual([{ kind: 'after', id: 'b', afterId: 'a' }]);
    const moved = stop('d', { wishes: { staysPut: true, untilMin: 0 } });
    const plan = finished(bestPlan(run([stop('e', { wishes: { untilMin: 0 } }), moved]), pace));
    expect(plan.broken.map((b) => b.kind)).toContain('late');
  });

  it('stands still where nothing is better, and is nothing of nothing', () => {
    const same = ['a', 'b', 'c', 'd'].map((id, i) => stop(id, { pose: poses[i]! }));
    const best = finished(bestPlan(run(same), pace));
    const again = same.toSorted(
      (a, b) => best.steps.findIndex((s) => s.id === a.id) - best.steps.findIndex((s) => s.id === b.id),
    );
    expect(orderOf(run(again))).toEqual(again.map((s) => s.id));
    expect(finished(bestPlan(run([]), pace))).toMatchObject({ steps: [], endS: 0, valueS: 0, leastS: 0 });
  });
});

describe('what collides', () => {
  it('are the fewest things that cannot be kept together', () => {
    const stops = [
      stop('a', { wishes: { afterIds: ['b'], staysPut: true } }),
      stop('b', { pose: chair }),
      stop('c', { wishes: { fromMin: 3 }, pose: named('Slipway sway') }),
    ];
    const colliding = finished(collidingWishes(run(stops), pace));
    expect(colliding).toEqual([
      { stopId: 'a', asked: 'staysPut' },
      { stopId: 'a', asked: 'after' },
    ]);
  });

  it('are two times at once, whatever else is asked', () => {
    const now = { untilMin: 0 };
    const stops = [
      stop('a', { wishes: now }),
      stop('b', { wishes: now, pose: chair }),
      stop('c', { wishes: { afterIds: ['a'] }, pose: named('Slipway sway') }),
    ];
    expect(finished(collidingWishes(run(stops), pace)).map((c) => c.stopId)).toEqual(['a', 'b']);
    expect(finished(collidingWishes(run([stops[0]!, stops[2]!]), pace))).toEqual([]);
  });
});

describe('less time', () => {
  const stops = [
    ...['Plain and tall', 'Slipway sway', 'Hands behind', 'Stern and square'].map((n) =>
      stop(n, { pose: named(n) }),
    ),
    stop('chair', { pose: chair }),
    stop('must', { pose: named('Boathouse wall'), wishes: { mustHave: true } }),
  ];

  it('leaves out as many as it takes, never what must be had, and not the only one that sits', () => {
    const whole = finished(bestPlan(run(stops), pace));
    const mostMin = Math.floor(whole.endS / 60) - 4;
    const { plan, leftOutIds } = finished(shorterPlan(run(stops), pace, mostMin));
    expect(plan.endS).toBeLessThanOrEqual(mostMin * 60);
    expect(leftOutIds.length).toBeGreaterThan(0);
    expect(leftOutIds).not.toContain('must');
    expect(leftOutIds).not.toContain('chair');
    expect([...plan.steps.map((s) => s.id), ...leftOutIds].sort()).toEqual(stops.map((s) => s.id).sort());
  });

  it('leaves out nothing where there is time, and all but what must be had where there is none', () => {
    expect(finished(shorterPlan(run(stops), pace, 600)).leftOutIds).toEqual([]);
    expect(finished(shorterPlan(run(stops), pace, null)).leftOutIds).toEqual([]);
    const { plan } = finished(shorterPlan(run(stops), pace, 1));
    expect(plan.steps.map((s) => s.id)).toEqual(['must']);
    const taken = stops.map((s, i) => (i === 1 ? { ...s, isTaken: true } : s));
    const left = finished(shorterPlan(run(taken), pace, 1)).plan.steps.map((s) => s.id);
    expect(left.sort()).toEqual([stops[1]!.id, 'must'].sort());
  });
});

describe('when somebody had better rest', () => {
  const at = (profile: Parameters<typeof profileOf>[0], pose = plain) =>
    minutesToRest(profileOf(profile), pose);

  it('is sooner in what is demanding, on the feet, for a child, and where the record says so', () => {
    expect(at({}, { ...plain, level: 5 })).toBeLessThan(at({}, { ...plain, level: 2 }));
    expect(at({})).toBeLessThan(at({}, { ...chair, level: plain.level }));
    expect(at({ ageYears: 4, statureM: 1.02, massKg: 16 })).toBe(8);
    expect(at({ ageYears: 4, statureM: 1.02, massKg: 16 }, chair)).toBe(12);
    expect(at({ motionLimits: ['shortStanding'] })).toBe(3);
    // one who never stands is not kept standing
    expect(at({ motionLimits: ['usesWheelchair'] }, chair)).toBeGreaterThan(3);
    expect(at({ motionLimits: ['usesWheelchair'] })).toBeGreaterThan(0);
  });

  it('is asked of whom it asks most, never more than a whole, and of nobody where there is no record', () => {
    const one = stop('a', { minutes: 10 });
    expect(strainOf(one, { runa: profileOf() })).toBeCloseTo(0.5, 9);
    expect(strainOf(one, { runa: profileOf({ motionLimits: ['shortStanding'] }) })).toBe(1);
    expect(strainOf(one, {})).toBe(0);
    const both = {
      ...one,
      shot: {
        ...one.shot,
        people: [one.shot.people[0]!, { ...one.shot.people[0]!, role: 'b' as const, personId: 'joss' }],
      },
    };
    expect(strainOf(both, { runa: profileOf(), joss: profileOf({ ageYears: 80 }) })).toBe(1);
  });

  it('comes into the plan before it is too much', () => {
    const six = Array.from({ length: 6 }, (_, i) => stop(String(i), { minutes: 6, pose: poses[i]! }));
    const rests = (profile: Parameters<typeof profileOf>[0]) =>
      planAsItStands(run(six, profileOf(profile)), pace).steps.filter((s) => s.restS > 0).length;
    expect(rests({})).toBe(1);
    expect(rests({ motionLimits: ['shortStanding'] })).toBe(5);
    const { steps } = planAsItStands(run(six), pace);
    for (const { strain } of steps) expect(strain).toBeLessThanOrEqual(1 + 1e-9);
  });
});

describe('the own pace', () => {
  it('takes the place of the usual where something is said', () => {
    expect(paceWith({})).toEqual(USUAL_PACE);
    expect(paceWith({ lens: 60 })).toEqual({ ...USUAL_PACE, lens: 60 });
    expect(paceWith({ lens: undefined })).toEqual(USUAL_PACE);
    for (const id of PACE_IDS) expect(PACE_ROWS[id].usual).toBeLessThanOrEqual(PACE_ROWS[id].most);
  });

  it('is refused with its field and range', () => {
    const { error } = ownPaceSchema.safeParse({ lens: 301 });
    expect(error?.issues[0]?.path).toEqual(['lens']);
    expect(error?.issues[0]?.message).toContain('300');
    expect(ownPaceSchema.safeParse({ lenses: 3 }).success).toBe(false);
  });
});

it('a time to begin is no window where it ends before it starts', () => {
  expect(orderWishesSchema.safeParse({ fromMin: 5, untilMin: 5 }).success).toBe(true);
  const { error } = orderWishesSchema.safeParse({ fromMin: 6, untilMin: 5 });
  expect(error?.issues[0]?.path).toEqual(['untilMin']);
  expect(orderWishesSchema.safeParse({ fromMin: -1 }).success).toBe(false);
});

describe('a run in another order', () => {
  const stops = [
    stop('first'),
    stop('second', { pose: chair, wishes: { staysPut: true } }),
    stop('third', { pose: named('Slipway sway') }),
    stop('fourth', { wishes: { afterIds: ['third'] } }),
  ];

  it('takes what it would take if it stood so', () => {
    for (const order of [
      [2, 1, 0, 3],
      [3, 2, 1, 0],
    ]) {
      const stood = planAsItStands(run(order.map((i) => stops[i]!)), pace);
      const held = planInOrder(run(stops), pace, order);
      expect(held.endS).toBeCloseTo(stood.endS, 9);
      expect(held.steps).toEqual(stood.steps);
    }
  });

  it('is held to what is asked of the places that they have now', () => {
    expect(planInOrder(run(stops), pace, [2, 1, 0, 3]).broken).toEqual([]);
    expect(planInOrder(run(stops), pace, [1, 0, 3, 2]).broken).toEqual([
      { kind: 'place', id: 'second', fromPlace: 1, toPlace: 0 },
      { kind: 'after', id: 'fourth', afterId: 'third' },
    ]);
  });
});
