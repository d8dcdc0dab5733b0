import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readSittingFile } from '@/core/formats';
import { usualRoom } from '@/core/scene';
import type { Frame } from '@/core/sitting';
import { exportSitting } from '../files/sittingFiles';
import { GilvoDatabase } from '../store/database';
import { DEMO_SITTING, demoTakes, placeDemo } from '../demo/demo';
import { DEMO_SITTER } from '../demo/demoPeople';
import { keptWhereEqual, loadSitting, startSitting } from './sittings';
import {
  addFrame,
  addTake,
  applyPlan,
  joinTake,
  removeTake,
  reorderTakes,
  restoreTake,
  saveTake,
  splitTake,
  takeBackPlan,
} from './takes';

const ID = DEMO_SITTING.id;
let db: GilvoDatabase;
let count = 0;

beforeEach(async () => {
  db = new GilvoDatabase(`test-${count++}`);
  await placeDemo(db);
});
afterEach(() => db.delete());

const order = async () => (await loadSitting(db, ID))!.takes.map((t) => t.id);
const frame = (id: string, takeId: string): Frame => ({
  id,
  sittingId: ID,
  takeId,
  takenAt: `2026-12-05T10:0${id.length}:00.000Z`,
  keeper: false,
});
/** All that the store holds, to compare before and after. */
const everything = async () =>
  Object.fromEntries(await Promise.all(db.tables.map(async (t) => [t.name, await t.toArray()] as const)));

describe('the demo', () => {
  it('is placed once, and not again after its takes were changed', async () => {
    await removeTake(db, 'demo-take-1');
    expect(await placeDemo(db)).toBe(false);
    expect(await order()).toHaveLength(4);
  });

  it('is not placed beside a sitting of one’s own', async () => {
    const own = new GilvoDatabase('own');
    await startSitting(own, new Date('2026-12-01T09:00:00Z'));
    expect(await placeDemo(own)).toBe(false);
    expect(await own.sittings.count()).toBe(1);
    await own.delete();
  });

  it('loads as a whole', async () => {
    const whole = (await loadSitting(db, ID))!;
    expect(whole.people).toEqual([DEMO_SITTER]);
    expect(whole.takes).toEqual(demoTakes());
    expect(await loadSitting(db, 'nowhere')).toBeUndefined();
  });
});

describe('what is read again', () => {
  it('is the same object as before where it says the same, and a new one where it does not', async () => {
    const before = (await loadSitting(db, ID))!;
    expect(keptWhereEqual(before, (await loadSitting(db, ID))!)).toBe(before);
    await saveTake(db, before.takes[2]!, { ...before.takes[2]!, minutes: 7 });
    await reorderTakes(
      db,
      ID,
      [1, 0, 2, 3, 4].map((i) => before.takes[i]!.id),
    );
    const read = (await loadSitting(db, ID))!;
    const kept = keptWhereEqual(before, read);
    expect(kept).toEqual(read);
    expect(kept.people).toBe(before.people);
    expect(kept.sitting).toBe(before.sitting);
    expect(kept.frames).toBe(before.frames);
    expect(kept.takes[4]).toBe(before.takes[4]);
    expect(kept.takes[2]).not.toBe(before.takes[2]);
    expect(kept.takes[2]!.minutes).toBe(7);
  });
});

describe('takes', () => {
  it('are saved as they are', async () => {
    const take = { ...demoTakes()[2]!, minutes: 7 };
    await saveTake(db, demoTakes()[2]!, take);
    expect((await loadSitting(db, ID))!.takes[2]).toEqual(take);
  });

  it('are refused when out of range, and the stored one stays', async () => {
    const before = await everything();
    const take = demoTakes()[0]!;
    const lens = { ...take, shot: { ...take.shot, camera: { ...take.shot.camera, focalLengthMm: 0 } } };
    await expect(saveTake(db, take, lens)).rejects.toThrow(/focalLengthMm/);
    await expect(saveTake(db, take, { ...take, minutes: -1 })).rejects.toThrow(/minutes/);
    expect(await everything()).toEqual(before);
  });

  it('are added at the end of the run', async () => {
    const added = await addTake(db, { ...demoTakes()[0]!, id: 'sixth' });
    expect(added.position).toBe(5);
    expect((await order()).at(-1)).toBe('sixth');
  });

  it.each([0, 2, 4])('come back to place %i after they were removed, with their frames', async (place) => {
    const id = `demo-take-${place + 1}`;
    await addFrame(db, frame('a', id));
    await addFrame(db, frame('bb', 'demo-take-2'));
    const before = await everything();
    const removed = (await removeTake(db, id))!;
    const left = (await loadSitting(db, ID))!;
    expect(left.takes.map((t) => t.position)).toEqual([0, 1, 2, 3]);
    expect(left.frames.some((f) => f.takeId === id)).toBe(false);
    await restoreTake(db, removed);
    expect(await everything()).toEqual(before);
  });

  it.each([0, 2, 4])(
    'are taken in two at place %i, and are one again with the frames of both',
    async (place) => {
      const id = `demo-take-${place + 1}`;
      await addFrame(db, frame('a', id));
      const before = await everything();
      const split = (await splitTake(db, id, 'half'))!;
      const { takes } = (await loadSitting(db, ID))!;
      expect(takes.map((t) => t.position)).toEqual([0, 1, 2, 3, 4, 5]);
      expect(takes[place]!.id).toBe(id);
      expect(takes[place + 1]!.id).toBe('half');
      expect(takes[place]!.minutes + takes[place + 1]!.minutes).toBe(split.whole.minutes);
      await addFrame(db, frame('b', 'half'));
      await joinTake(db, split);
      const after = await everything();
      expect(after).toEqual({
        ...before,
        frames: expect.arrayContaining([{ ...frame('b', id) }]) as unknown,
      });
      expect(await splitTake(db, 'nowhere', 'x')).toBeUndefined();
    },
  );

  it('that are not there cannot be removed', async () => {
    expect(await removeTake(db, 'nowhere')).toBeUndefined();
    expect(await order()).toHaveLength(5);
  });
});

describe('the run', () => {
  it('takes a new order', async () => {
    const wanted = [3, 1, 5, 2, 4].map((n) => `demo-take-${n}`);
    await reorderTakes(db, ID, wanted);
    expect(await order()).toEqual(wanted);
  });

  it.each([
    ['too few', ['demo-take-1', 'demo-take-2']],
    ['a stranger', [1, 2, 3, 4, 9].map((n) => `demo-take-${n}`)],
    ['one twice', [1, 2, 3, 4, 4].map((n) => `demo-take-${n}`)],
  ])('refuses an order with %s and stays', async (_, ids) => {
    const before = await everything();
    await expect(reorderTakes(db, ID, ids)).rejects.toThrow(/each of the 5 takes of the sitting once/);
    expect(await everything()).toEqual(before);
  });
});

it('a new sitting has a sitter and one pose, and everything is valid', async () => {
  const id = await startSitting(db, new Date('2026-12-01T09:00:00Z'));
  const whole = (await loadSitting(db, id))!;
  expect(whole.takes).toHaveLength(1);
  expect(whole.sitting.startsAt).toBe('2026-12-01T09:00:00.000Z');
  expect(readSittingFile(await exportSitting(db, id, new Date())).sitting.id).toBe(id);
  expect(await loadSitting(db, id)).toEqual(whole);
});

it('a new sitting is of whoever was named, with what was said of it, and its minutes are shared out', async () => {
  const room = usualRoom('Attic', 3, 5);
  const message = { presence: 0.3, openness: 0.4, formality: 0.6, movement: -0.7 };
  const [first, second, third] = demoTakes().map((t) => t.shot);
  const shots = ([personId]: readonly string[]) =>
    [first!, second!, third!].map((shot) => ({
      ...shot,
      people: shot.people.map((p) => ({ ...p, personId: personId! })),
    }));
  const id = await startSitting(db, new Date(), [], { room, message, minutes: 20, shots });
  const { sitting, takes, people } = (await loadSitting(db, id))!;
  expect([sitting.room, sitting.place, sitting.minutes, sitting.looks[0]!.message]).toEqual([
    room,
    'Attic',
    20,
    message,
  ]);
  expect(takes.map((t) => [t.position, t.minutes, t.shot.people[0]!.personId])).toEqual(
    [0, 1, 2].map((position) => [position, 6.5, people[0]!.id]),
  );
  const before = await everything();
  const tooWide = { ...room, widthM: 200 };
  await expect(startSitting(db, new Date(), [], { room: tooWide })).rejects.toThrow('widthM');
  expect(await everything()).toEqual(before);
});

describe('a planned run', () => {
  it('is in its order without what is left out, and comes back with its frames', async () => {
    const [a, b, c, d, e] = (await order()) as [string, string, string, string, string];
    await addFrame(db, frame('f', b));
    const before = await everything();
    const leftOut = await applyPlan(db, ID, [e, a, d], [c, b]);
    expect(await order()).toEqual([e, a, d]);
    expect((await loadSitting(db, ID))!.frames).toEqual([]);
    expect((await loadSitting(db, ID))!.takes.map((t) => t.position)).toEqual([0, 1, 2]);
    await takeBackPlan(db, ID, [a, b, c, d, e], leftOut);
    expect(await everything()).toEqual(before);
  });

  it('is refused where it does not name the poses that there are, and nothing is written', async () => {
    const [a, b, c, d, e] = (await order()) as [string, string, string, string, string];
    const before = await everything();
    await expect(applyPlan(db, ID, [a, c, d], [b])).rejects.toThrow(/each of the 4 takes/);
    expect(await everything()).toEqual(before);
    // one that went in another tab meanwhile
    const leftOut = await applyPlan(db, ID, [a, c, d, e], [b]);
    await removeTake(db, a);
    const now = await everything();
    await expect(takeBackPlan(db, ID, [a, b, c, d, e], leftOut)).rejects.toThrow(RangeError);
    expect(await everything()).toEqual(now);
  });
});

describe('what is asked of a pose’s place', () => {
  it('is kept with it, travels in a file, and is refused where it is no window', async () => {
    const take = (await loadSitting(db, ID))!.takes[0]!;
    const orderWishes = { mustHave: true as const, fromMin: 5, untilMin: 10, afterIds: ['demo-take-2'] };
    await saveTake(db, take, { ...take, orderWishes });
    const file = readSittingFile(await exportSitting(db, ID, new Date()));
    expect(file.takes.find((t) => t.id === take.id)!.orderWishes).toEqual(orderWishes);
    const wrong = { ...take, orderWishes: { fromMin: 9, untilMin: 3 } };
    await expect(saveTake(db, take, wrong)).rejects.toThrow(/not be before/);
  });
});

it('a run whose pictures are given minutes has them', async () => {
  const shots = demoTakes().map((t) => t.shot);
  const id = await startSitting(db, new Date(), [DEMO_SITTER.id], { shots: () => shots, takeMinutes: 2.5 });
  expect((await loadSitting(db, id))!.takes.map((t) => t.minutes)).toEqual(shots.map(() => 2.5));
});
