import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { standardOf } from '../brief';
import { seeShot } from '../picture';
import { neutralPose, type Pose } from '../pose';
import { review, type RuleId } from '../review';
import type { SoloShot } from '../shot';
import { mend } from './mend';
import { axisOf, canChange, changesOf, moved } from './mendAxis';

const standIn = standInOf('average');
const NEAR = { distanceM: 2, heightM: 1.54 };
const shot = (said: Partial<Pose>, more: Partial<SoloShot> = {}): SoloShot => ({
  ...shotOf({}, NEAR),
  pose: { ...neutralPose('x'), ...said },
  ...more,
});
const LOW_LIDS = shot({ expression: { lidsClosed: 0.5, smile: 0.3 } });
const WALKING = shot(
  { message: { presence: 0, openness: 0, formality: 0, movement: 0.7 } },
  { exposure: { shutterParts: 125, iso: 100 } },
);

/** A finding of a rule in a shot. */
function found(scene: SoloShot, ruleId: RuleId) {
  const standard = standardOf(scene.pose.message);
  return review(seeShot(standIn, scene), standard).find((f) => f.ruleId === ruleId)!;
}

describe('a face that is mended', () => {
  it('opens its lids as little as clears the fault, and keeps what else it does', () => {
    const result = mend(standIn, LOW_LIDS, found(LOW_LIDS, 'lids-low'));
    expect(result.kind).toBe('mended');
    if (result.kind !== 'mended') return;
    const { lidsClosed, smile } = result.shot.pose.expression!;
    expect(smile).toBe(0.3);
    expect(lidsClosed).toBeLessThan(0.25);
    expect(lidsClosed).toBeGreaterThan(0.05);
    expect(result.changes).toEqual([
      { kind: 'number', variable: { on: 'face', name: 'lidsClosed' }, from: 0.5, to: lidsClosed },
    ]);
  });

  it('stays as it is where the gaze is held', () => {
    const result = mend(standIn, LOW_LIDS, found(LOW_LIDS, 'lids-low'), { held: ['gaze'] });
    expect(result).toMatchObject({ kind: 'stuck', why: 'held' });
  });

  it('goes no further than a face does', () => {
    const variable = { on: 'face', name: 'browsRaised' } as const;
    const axis = axisOf(LOW_LIDS, variable);
    expect([axis.from, axis.min, axis.max]).toEqual([0, -1, 1]);
    expect(canChange(LOW_LIDS, variable, [])).toBe(true);
    expect(moved(LOW_LIDS, axis, 3, LOW_LIDS.pose, []).pose.expression?.browsRaised).toBeCloseTo(0.3, 9);
  });
});

describe('a shutter that is mended', () => {
  it('is a marked one that is fast enough, and the sensitivity makes up for it', () => {
    const result = mend(standIn, WALKING, found(WALKING, 'motion-blur'));
    expect(result.kind).toBe('mended');
    if (result.kind !== 'mended') return;
    const { shutterParts, iso } = result.shot.exposure!;
    expect(shutterParts).toBeGreaterThan(125);
    expect(Math.abs(Math.log2(iso / 100) - Math.log2(shutterParts / 125))).toBeLessThan(0.18);
    expect(result.changes).toEqual([
      {
        kind: 'number',
        variable: { on: 'exposure', name: 'shutterParts' },
        from: 125,
        to: shutterParts,
      },
    ]);
    expect(result.shot.pose).toEqual(WALKING.pose);
  });

  it('is not turned where nobody has said which it is', () => {
    const { exposure: _, ...unsaid } = WALKING;
    expect(canChange(unsaid, { on: 'exposure', name: 'shutterParts' }, [])).toBe(false);
    expect(canChange(WALKING, { on: 'exposure', name: 'shutterParts' }, [])).toBe(true);
  });

  it('is told as it was set, not as it was sought', () => {
    const axis = axisOf(WALKING, { on: 'exposure', name: 'shutterParts' });
    const after = moved(WALKING, axis, 3, WALKING.pose, []);
    // four times 125 is a mark; five times is not
    expect(changesOf(WALKING, axis, 3, after)).toMatchObject([{ from: 125, to: 500 }]);
    const further = moved(WALKING, axis, 4, WALKING.pose, []);
    expect(changesOf(WALKING, axis, 4, further)).toMatchObject([{ from: 125, to: 640 }]);
  });
});
