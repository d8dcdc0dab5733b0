import isSame from 'fast-deep-equal';
import { describe, expect, it } from 'vitest';
import { finished } from '../../../tests/support/finished';
import { CAMERA, LIGHT, shotOf, standInOf, type PersonName } from '../../../tests/support/people';
import { standardOf } from '../brief';
import { viewOf } from '../camera';
import { figureOf } from '../figure';
import { HOUSE_POSES } from '../library';
import { seeShot } from '../picture';
import { review } from '../review';
import { framed } from '../set';
import type { SoloShot } from '../shot';
import { changesTogether, mendAll } from './mendAll';
import type { MendChange } from './mendAxis';
import { towards } from './goal/towards';
import { goalOf, type Wish } from './goal/goals';
import { vary } from './vary/vary';

const PEOPLE: PersonName[] = ['slight', 'average', 'heavy'];

function houseShot(name: PersonName, called: string): SoloShot {
  const pose = Object.values(HOUSE_POSES)
    .flat()
    .find((p) => p.name === called)!;
  const { points } = figureOf(standInOf(name).body, pose, { lens: viewOf(CAMERA).eye });
  return { pose, camera: framed(CAMERA, points, 'full')!, light: LIGHT };
}
const found = (name: PersonName, shot: SoloShot) =>
  review(seeShot(standInOf(name), shot), standardOf(shot.pose.message));
const ids = (name: PersonName, shot: SoloShot) => found(name, shot).map((f) => f.id);

/** Findings that one shot has and another has not. */
function raised(name: PersonName, before: SoloShot, after: SoloShot): string[] {
  const was = new Set(ids(name, before));
  return ids(name, after).filter((id) => !was.has(id));
}

describe('mending all', () => {
  const rough = shotOf({ leftFootOutDeg: -30, rightElbowBendDeg: 3, faceForwardCm: -3 });

  it.each(PEOPLE)(
    'clears what can be cleared on the %s body, in the order of the work, and raises nothing',
    (name) => {
      const all = finished(mendAll(standInOf(name), rough));
      const before = ids(name, rough);
      expect(all.mended.length).toBeGreaterThan(2);
      expect(raised(name, rough, all.shot)).toEqual([]);
      expect(new Set([...ids(name, all.shot)])).toEqual(new Set(all.left.map((l) => l.finding.id)));
      const order = all.mended.map((f) => before.indexOf(f.id)).filter((i) => i >= 0);
      expect(order).toEqual([...order].sort((a, b) => a - b));
    },
  );

  it('changes nothing more when it is done again', () => {
    const once = finished(mendAll(standInOf('average'), rough));
    const twice = finished(mendAll(standInOf('average'), once.shot));
    expect(twice.shot).toEqual(once.shot);
    expect(twice.changes).toEqual([]);
  });

  it('joins changes of one thing, and drops what comes back to where it was', () => {
    const turned = (from: number, to: number): MendChange => ({
      kind: 'number',
      variable: { on: 'pose', id: 'headTurnLeftDeg' },
      from,
      to,
    });
    const lens: MendChange = {
      kind: 'number',
      variable: { on: 'camera', name: 'heightM' },
      from: 1,
      to: 1.2,
    };
    expect(changesTogether([turned(0, 5), lens, turned(5, 15)])).toEqual([turned(0, 15), lens]);
    expect(changesTogether([turned(0, 5), lens, turned(5, 0)])).toEqual([lens]);
  });

  it('tells each change once, from what it was to what it came to', () => {
    const all = finished(mendAll(standInOf('average'), rough));
    const things = all.changes.map((c) => JSON.stringify(c.variable));
    expect(new Set(things).size).toBe(things.length);
    expect(all.changes.every((c) => !isSame(c.from, c.to))).toBe(true);
  });

  it('leaves what is meant, what is held, and what matters less than was asked', () => {
    const meant = new Set(['toes-in:left']);
    const all = finished(mendAll(standInOf('average'), rough, { meant, held: ['head'], least: 'fault' }));
    expect(ids('average', all.shot)).toContain('toes-in:left');
    expect(all.shot.pose.settings.leftFootOutDeg).toBe(-30);
    expect(all.shot.pose.settings.faceForwardCm).toBe(-3);
    expect(all.mended.every((f) => f.grade !== 'polish')).toBe(true);
  });

  it('tries nothing more once enough was looked at, and says so', () => {
    const all = finished(mendAll(standInOf('average'), rough, { mostEvaluations: 1 }));
    expect(all.mended.length + all.left.filter((l) => l.why !== 'notTried').length).toBe(1);
    expect(all.left.filter((l) => l.why === 'notTried').length).toBeGreaterThan(1);
    expect(new Set(all.left.map((l) => l.finding.id)).size).toBe(all.left.length);
  });

  it('says how far it is, and never that it is done before it is', () => {
    const shares = [...mendAll(standInOf('average'), rough)];
    expect(shares.length).toBeGreaterThan(2);
    expect(shares.every((s) => s >= 0 && s < 1)).toBe(true);
  });
});

describe('doing more for a wish', () => {
  const WISHES: Wish[] = [
    { goal: 'slimmer' },
    { goal: 'longerLegs' },
    { goal: 'presence' },
    { goal: 'softer' },
    { goal: 'calmFace' },
    { goal: 'hide', feature: 'hands' },
  ];

  it.each(WISHES.flatMap((wish) => PEOPLE.map((name) => [wish, name] as const)))(
    '%o on the %s body: what is proposed does it, and raises nothing',
    (wish, name) => {
      const shot = houseShot(name, 'Hand in the pocket');
      const steps = finished(towards(standInOf(name), shot, wish));
      const { isMore, measure } = goalOf(wish);
      const now = measure(seeShot(standInOf(name), shot))!.value;
      for (const step of steps) {
        const then = measure(seeShot(standInOf(name), step.shot))!.value;
        expect([step.from, step.to]).toEqual([now, then]);
        expect(isMore ? then > now : then < now).toBe(true);
        expect(raised(name, shot, step.shot)).toEqual([]);
      }
      expect(steps.length).toBeLessThanOrEqual(3);
      expect(steps.map((s) => s.seconds)).toEqual(steps.map((s) => s.seconds).sort((a, b) => a - b));
    },
  );

  it('finds something for most wishes, and different things', () => {
    const shot = houseShot('average', 'Hand in the pocket');
    const all = WISHES.map((wish) => finished(towards(standInOf('average'), shot, wish)));
    expect(all.filter((steps) => steps.length > 0).length).toBeGreaterThanOrEqual(5);
    expect(new Set(all.map((steps) => JSON.stringify(steps))).size).toBeGreaterThanOrEqual(5);
  });

  it('sees an arm that lies on the waist as a part of its breadth', () => {
    const measured = (outDeg: number) =>
      goalOf({ goal: 'slimmer' }).measure(
        seeShot(standInOf('average'), shotOf({ leftArmOutDeg: outDeg, rightArmOutDeg: outDeg })),
      )!.value;
    expect(measured(2)).toBeGreaterThan(1.15 * measured(30));
  });

  it('leaves alone what is held, and has nothing for what is not in the picture', () => {
    const shot = houseShot('average', 'Hand in the pocket');
    const steps = finished(
      towards(standInOf('average'), shot, { goal: 'softer' }, { held: ['spine', 'head'] }),
    );
    expect(steps.length).toBeGreaterThan(0);
    expect(
      steps.every((s) => isSame(s.shot.pose.settings.headTiltLeftDeg, shot.pose.settings.headTiltLeftDeg)),
    ).toBe(true);
    const away = { ...shot, camera: { ...shot.camera, panDeg: 30 } };
    expect(finished(towards(standInOf('average'), away, { goal: 'hide', feature: 'hands' }))).toEqual([]);
  });
});

describe('varying', () => {
  it.each([
    ['average', 'Plain and tall'],
    ['heavy', 'Hand in the pocket'],
    ['slight', 'Chart table'],
  ] as const)('on the %s body %s has clean neighbours of several kinds, none twice', (name, called) => {
    const shot = houseShot(name, called);
    const variations = finished(vary(standInOf(name), shot));
    expect(variations.length).toBeGreaterThanOrEqual(6);
    expect(variations.length).toBeLessThanOrEqual(12);
    expect(new Set(variations.map((v) => v.of)).size).toBeGreaterThanOrEqual(4);
    expect(new Set(variations.map((v) => `${v.of} ${v.what}`)).size).toBe(variations.length);
    for (const v of variations) {
      expect(raised(name, shot, v.shot)).toEqual([]);
      expect(v.otherShare).toBeGreaterThanOrEqual(0.02);
    }
    const shares = variations.map((v) => v.otherShare);
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
  });

  it('varies some by two things at once, each of them a change of its own', () => {
    const shot = houseShot('average', 'Plain and tall');
    const variations = finished(vary(standInOf('average'), shot));
    const two = variations.filter((v) => v.beside);
    expect(two.length).toBeGreaterThan(0);
    expect(two.length).toBeLessThanOrEqual(3);
    for (const v of two) {
      const parts = variations.filter((one) => !one.beside && v.what.split(' and ').includes(one.what));
      expect(v.changes).toHaveLength(2);
      expect(v.beside).not.toBe(v.of);
      for (const one of parts) expect(v.changes).toContainEqual(one.changes[0]);
      expect(v.seconds).toBeGreaterThan(Math.max(0, ...parts.map((one) => one.seconds)));
    }
    for (const v of variations.filter((one) => !one.beside)) expect(v.changes).toHaveLength(1);
  });

  it('leaves what is held, and says the same twice', () => {
    const shot = houseShot('average', 'Plain and tall');
    const held = finished(vary(standInOf('average'), shot, { held: ['gaze', 'head', 'hands'] }));
    expect(held.filter((v) => ['gaze', 'head'].includes(v.of))).toEqual([]);
    expect(held.every((v) => isSame(v.shot.pose.gaze, shot.pose.gaze))).toBe(true);
    expect(finished(vary(standInOf('average'), shot, { held: ['gaze', 'head', 'hands'] }))).toEqual(held);
  });

  it('keeps the frame round the sitter when the lens goes up or down', () => {
    const shot = houseShot('average', 'Plain and tall');
    const heights = finished(vary(standInOf('average'), shot)).filter((v) => v.of === 'height');
    expect(heights.length).toBeGreaterThan(0);
    const { points } = figureOf(standInOf('average').body, shot.pose, { lens: viewOf(CAMERA).eye });
    for (const { camera } of heights.map((v) => v.shot))
      expect(camera).toEqual(framed(shot.camera, points, 'full', 85, camera.heightM));
  });
});
