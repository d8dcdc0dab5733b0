import { describe, expect, it } from 'vitest';
import { groupOf } from '../../../tests/support/crew';
import { CAMERA, LIGHT, profileOf, shotOf } from '../../../tests/support/people';
import { roomOf } from '../../../tests/support/rooms';
import { bodyFrom } from '../body';
import { project, viewOf } from '../camera';
import { figureOf } from '../figure';
import { neutralPose } from '../pose';
import { placeSupport } from '../scene';
import { USUAL_LENSES } from '../set';
import { shotOfOne, shotSchema, soloShot, withAnother, type Shot } from '../shot';
import { aboutZeroDeg, apart } from '../units';
import { arrangeGroup, exchanged, rearranged, type GroupAsked, type GroupOrder } from './arrange';
import { groupShot } from './asShot';
import { outlinesOf, type Modelled } from './order/laidOut';
import type { Relation } from './asked/relation';
import { facesIn } from './told/told';

const ROOM = roomOf({ door: { wall: 'right', words: 'door', fromM: 2, toM: 3 } });

function askedFor(group: readonly Modelled[], said: Partial<GroupAsked> = {}): GroupAsked {
  return {
    group,
    means: { chairs: 3, benches: 1, boxes: 0, floor: false },
    wishes: { relations: [] },
    setting: { room: ROOM, camera: { ...CAMERA, focalLengthMm: 50 }, light: LIGHT, lenses: USUAL_LENSES },
    seed: 3,
    ...said,
  };
}

/** Runs to the end; also the shares that were told on the way. */
function run(asked: GroupAsked): { found: GroupOrder[]; shares: number[] } {
  const steps = arrangeGroup(asked);
  const shares: number[] = [];
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return { found: step.value, shares };
    shares.push(step.value);
  }
}
const best = (asked: GroupAsked) => run(asked).found[0]!;

function pictureOf(group: readonly Modelled[]): Shot {
  const [first, ...others] = group.map((m) => `person-${m.role}`);
  const alone = shotOfOne(first!, shotOf());
  return others.reduce((shot, id) => withAnother(shot, id, neutralPose('at ease')), alone);
}

/** Rows, columns and levels at which some of a group are. */
function placesOf({ laid, order }: GroupOrder, group: readonly Modelled[], roles: string) {
  return [...roles].map((role) => laid.places[order.findIndex((m) => group[m]!.role === role)]!);
}

const EIGHT = groupOf(8);
const asked = askedFor(EIGHT);
const { found, shares } = run(asked);
const [first] = found as [GroupOrder];

describe('a group of eight', () => {
  it('is found more than one order, the best first, each with everybody once and a face for every lens', () => {
    expect(found.length).toBeGreaterThan(1);
    expect(found.map((f) => f.cost)).toEqual([...found.map((f) => f.cost)].sort((a, b) => a - b));
    for (const { order, laid, told } of found) {
      expect([...order].sort()).toEqual(EIGHT.map((_, i) => i));
      expect(laid.places).toHaveLength(8);
      expect(told.covered).toEqual([]);
    }
    expect(new Set(found.map((f) => JSON.stringify(f.laid.plan.rows))).size).toBe(found.length);
  });

  it('tells how far the search is, up to its end', () => {
    expect(shares.at(-1)).toBe(1);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
  });

  it('is the same for the same seed', () => {
    expect(run(asked).found).toEqual(found);
  });

  it('puts who brings a seat at the end of the seated row, and nobody else on that place', () => {
    for (const order of found) {
      const [place] = placesOf(order, EIGHT, 'd');
      expect(place).toMatchObject({ level: 'seat', isOwnSeat: true, column: 0 });
      expect(order.laid.places.filter((p) => p.isOwnSeat)).toHaveLength(1);
    }
  });

  it('stands in the gaps of the row before', () => {
    const { places } = first.laid;
    const front = places.filter((p) => p.row === 0).map((p) => p.xM);
    for (const { row, xM } of places)
      if (row === 1) expect(Math.min(...front.map((x) => Math.abs(x - xM)))).toBeGreaterThan(0.2);
  });

  it('is held whole by the camera, with room for the cuts, in the room', () => {
    const shot = groupShot(pictureOf(EIGHT), first, EIGHT, asked.means, 'The eight');
    const view = viewOf(shot.camera);
    const ends = EIGHT.flatMap(({ role, body }) => {
      const { pose, mark } = soloShot(shot, role);
      const { points } = figureOf(body, pose, { lens: view.eye, mark });
      return [points.crown, points.toes.left, points.toes.right, points.elbows.left, points.elbows.right];
    });
    const drawn = ends.map((p) => project(view, p));
    expect(Math.max(...drawn.map((p) => Math.abs(p.x)))).toBeLessThan(0.9);
    expect(Math.max(...drawn.map((p) => Math.abs(p.y)))).toBeLessThan(0.9);
    expect(shot.camera.distanceM).toBeLessThan(ROOM.depthM - ROOM.markToBackM);
  });

  it('has its light evened, and its aperture at what holds all faces', () => {
    expect(first.told.spreadStops).toBeLessThanOrEqual(1 / 3 + 1e-9);
    expect(first.light).not.toEqual(LIGHT);
    const shot = groupShot(pictureOf(EIGHT), first, EIGHT, asked.means, 'The eight');
    expect(shot.light).toEqual(first.light);
    expect(shot.camera.apertureF).toBeGreaterThanOrEqual(first.told.apertureF);
  });
});

describe('the picture of an order', () => {
  const shot = groupShot(pictureOf(EIGHT), first, EIGHT, asked.means, 'The eight');

  it('is a sound one, with a seat under everybody who sits, and the people as they were', () => {
    expect(shotSchema.parse(shot)).toEqual(shot);
    expect(shot.people.map((p) => p.personId)).toEqual(pictureOf(EIGHT).people.map((p) => p.personId));
    expect(shot.people.every((p) => p.pose.name === 'The eight')).toBe(true);
    const seats = shot.supports.reduce((n, s) => n + (s.kind === 'bench' ? 2 : 1), 0);
    expect(seats).toBe(shot.people.filter((p) => p.pose.support === 'sit').length);
    expect(shot.supports.filter((s) => s.kind === 'wheelchair')).toHaveLength(1);
  });

  it('has every face where the search had it', () => {
    const faces = facesIn(first.laid, outlinesOf(EIGHT), first.order);
    first.order.forEach((member, at) => {
      const { role, body } = EIGHT[member]!;
      const { pose, mark } = soloShot(shot, role);
      const { eyes, chin } = figureOf(body, pose, { lens: viewOf(shot.camera).eye, mark }).points;
      const face = [0, 1, 2].map((c) => 0.3 * (eyes.left[c]! + eyes.right[c]!) + 0.4 * chin[c]!);
      // a bench is less deep than the chair that was reckoned with
      expect(apart(face, faces[at]!), role).toBeLessThan(pose.support === 'sit' ? 0.06 : 0.01);
    });
  });

  it('seats nobody beside the seat: two on a bench are as far apart as their places', () => {
    for (const { role, body } of EIGHT) {
      const { pose, mark } = soloShot(shot, role);
      if (pose.support !== 'sit') continue;
      const { hips } = figureOf(body, pose, { lens: viewOf(shot.camera).eye, mark }).points;
      const middle = (hips.left[0] + hips.right[0]) / 2;
      expect(Math.abs(middle - mark!.leftM), role).toBeLessThan(0.08);
    }
  });

  it('turns all to the middle, and faces to the lens', () => {
    const turns = first.order.map((member, at) => {
      const { role, body } = EIGHT[member]!;
      const { pose, mark } = soloShot(shot, role);
      const { turnDeg } = figureOf(body, pose, { lens: viewOf(shot.camera).eye, mark });
      return { xM: first.laid.places[at]!.xM, ...turnDeg };
    });
    for (const { xM, hips, face } of turns) {
      if (Math.abs(xM) > 0.5) expect(Math.sign(hips)).toBe(-Math.sign(xM));
      const toLensDeg = -(Math.atan2(xM, shot.camera.distanceM) * 180) / Math.PI;
      expect(Math.abs(face - toLensDeg)).toBeLessThan(12);
    }
  });

  it('is refused for somebody who is not in the picture', () => {
    expect(() => groupShot(pictureOf(EIGHT.slice(0, 7)), first, EIGHT, asked.means, 'x')).toThrow('role h');
  });

  it('is the same group turned where the camera stands elsewhere', () => {
    const arcDeg = 25;
    const light = { ...LIGHT, arcDeg: aboutZeroDeg(LIGHT.arcDeg + arcDeg) };
    const wide = { ...ROOM, widthM: 16, markToLeftM: 8, depthM: 16, markToBackM: 6 };
    const straight = best(askedFor(EIGHT, { setting: { ...asked.setting, room: wide } }));
    const aside = best(
      askedFor(EIGHT, {
        setting: { ...asked.setting, room: wide, light, camera: { ...asked.setting.camera, arcDeg } },
      }),
    );
    expect(aside.order).toEqual(straight.order);
    const turned = groupShot(pictureOf(EIGHT), aside, EIGHT, asked.means, 'x');
    const plain = groupShot(pictureOf(EIGHT), straight, EIGHT, asked.means, 'x');
    turned.people.forEach(({ mark }, i) => {
      const before = plain.people[i]!.mark!;
      expect(aboutZeroDeg(mark!.turnLeftDeg - before.turnLeftDeg)).toBeCloseTo(arcDeg, 0);
      expect(Math.hypot(mark!.leftM, mark!.aheadM)).toBeCloseTo(Math.hypot(before.leftM, before.aheadM), 1);
    });
  });
});

describe('wishes', () => {
  const apartM = (order: GroupOrder, roles: string) => {
    const [a, b] = placesOf(order, EIGHT, roles);
    return Math.hypot(a!.xM - b!.xM, a!.zM - b!.zM);
  };
  const wishing = (...relations: Relation[]) => best(askedFor(EIGHT, { wishes: { relations } }));

  it('bring a couple beside each other, and keep others apart', () => {
    for (const roles of ['ab', 'eg', 'cf']) {
      const pair = [...roles];
      expect(apartM(wishing({ kind: 'couple', roles: pair }), roles), roles).toBeLessThanOrEqual(0.85);
      const parted = wishing({ kind: 'apart', roles: pair });
      expect(apartM(parted, roles), roles).toBeGreaterThan(0.85);
      expect(parted.told.parted).toEqual([]);
    }
  });

  it('put a guest of honour in the middle of the front', () => {
    for (const honour of ['a', 'g']) {
      const order = best(askedFor(EIGHT, { wishes: { relations: [], honour } }));
      const [place] = placesOf(order, EIGHT, honour);
      expect(place!.row).toBe(0);
      expect(Math.abs(place!.xM)).toBeLessThan(0.7);
    }
  });

  it('tell who is parted: of a couple once, of kin each who stands alone', () => {
    const order = wishing({ kind: 'couple', roles: ['a', 'b'] });
    const wishes = { relations: [{ kind: 'couple' as const, roles: ['a', 'b'] }] };
    const others = EIGHT.map((m) => m.role).filter((r) => r !== 'a' && r !== 'd');
    const far = others
      .map((role) => exchanged(askedFor(EIGHT, { wishes }), order, 'b', role))
      .filter((o) => apartM(o, 'ab') > 0.85);
    expect(far.length).toBeGreaterThan(0);
    for (const o of far) expect(o.told.parted).toEqual([{ kind: 'couple', roles: ['a', 'b'] }]);
    expect(order.told.parted).toEqual([]);
  });
});

describe('what people can do', () => {
  it('seats those who do not stand well, and puts neither old nor pregnant on a box or on the floor', () => {
    const means = { chairs: 3, benches: 0, boxes: 3, floor: true };
    for (const { laid, order, told } of run(askedFor(EIGHT, { means })).found) {
      if (!laid.plan.rows.some((r) => r.level === 'seat')) continue;
      const levelOf = (role: string) => laid.places[order.findIndex((m) => EIGHT[m]!.role === role)]!.level;
      expect(levelOf('e')).toBe('seat');
      expect(['seat', 'standing']).toContain(levelOf('h'));
      expect(told.strained.filter((s) => s.isRefused)).toEqual([]);
    }
  });

  it('tells of whoever has to be where they should not', () => {
    const old = Array.from({ length: 4 }, (_, i): Modelled => {
      const profile = profileOf({ ageYears: 78, statureM: 1.6 + 0.05 * i });
      return { role: 'abcd'[i]!, profile, body: bodyFrom(profile) };
    });
    const { told } = best(askedFor(old, { means: { chairs: 0, benches: 0, boxes: 0, floor: false } }));
    expect(told.strained.map((s) => s.role).sort()).toEqual(['a', 'b', 'c', 'd']);
    expect(told.strained.every((s) => !s.isRefused)).toBe(true);
  });

  it('lifts a row with boxes: its people stand on them, and see over the row before', () => {
    const grown = groupOf(12).filter((m) => !m.profile.motionLimits && m.profile.ageYears > 12);
    const tall = grown.map((m, i) => ({ ...m, role: EIGHT[i]!.role }));
    const means = { chairs: 0, benches: 0, boxes: 3, floor: false };
    const order = run(askedFor(tall, { means })).found.find((f) =>
      f.laid.plan.rows.some((r) => r.level === 'box'),
    )!;
    const shot = groupShot(pictureOf(tall), order, tall, means, 'x');
    const lifted = shot.people.filter((p) => p.mark!.levelM);
    expect(lifted).toHaveLength(3);
    const low = tall.find((m) => m.role === lifted[0]!.role)!;
    const { pose, mark } = soloShot(shot, low.role);
    const on = figureOf(low.body, pose, { lens: [0, 1.5, 5], mark });
    const off = figureOf(low.body, pose, { lens: [0, 1.5, 5], mark: { ...mark!, levelM: undefined } });
    expect(on.points.crown[1] - off.points.crown[1]).toBeCloseTo(mark!.levelM!, 3);
  });
});

describe('an order in the hand', () => {
  it('has two exchanged and is measured anew', () => {
    const swapped = exchanged(asked, first, 'a', 'g');
    expect(placesOf(swapped, EIGHT, 'ag')).toEqual(placesOf(first, EIGHT, 'ga'));
    expect(swapped.cost).toBeGreaterThan(first.cost);
    expect(() => exchanged(asked, first, 'a', 'z')).toThrow('role z must be one of a, b');
  });

  it('is ordered anew with some who stay, and mended by it', () => {
    const worse = exchanged(asked, exchanged(asked, first, 'a', 'g'), 'b', 'e');
    const anew = rearranged(asked, worse, ['a']);
    expect(placesOf(anew, EIGHT, 'a')).toEqual(placesOf(worse, EIGHT, 'a'));
    expect(anew.cost).toBeLessThan(worse.cost);
  });
});

describe('where nothing fits', () => {
  it('nothing is found in a cupboard, and fewer than three are refused', () => {
    const room = { ...ROOM, widthM: 1.5, markToLeftM: 0.75 };
    expect(run(askedFor(EIGHT, { setting: { ...asked.setting, room } })).found).toEqual([]);
    expect(() => run(askedFor(EIGHT.slice(0, 2)))).toThrow('group 2 must be at least 3');
  });

  it('takes a wider lens where the room is too short for the one on the camera', () => {
    const long = { ...asked.setting.camera, focalLengthMm: 135 };
    const order = best(askedFor(EIGHT, { setting: { ...asked.setting, camera: long } }));
    expect(order.laid.camera.focalLengthMm).toBeLessThan(60);
    expect(order.laid.camera.distanceM).toBeLessThan(6.1);
  });

  it('has as many seats as there are', () => {
    for (const chairs of [1, 2, 5]) {
      const means = { chairs, benches: 0, boxes: 0, floor: false };
      for (const order of run(askedFor(EIGHT, { means })).found) {
        const shot = groupShot(pictureOf(EIGHT), order, EIGHT, means, 'x');
        const used = shot.supports.filter((s) => s.kind === 'chair').map(placeSupport);
        expect(used.length).toBeLessThanOrEqual(chairs);
      }
    }
  });
});
