import { describe, expect, it } from 'vitest';
import { carriedIn } from '../library';
import { MOST_WORDS } from '../cues';
import {
  differenceOf,
  EXPRESSIONS,
  HAND_SHAPES,
  neutralPose,
  SETTING_IDS,
  SETTINGS,
  withContact,
  withSetting,
  type Pose,
} from '../pose';
import { cueFor } from './cues';

const plain = neutralPose('plain');
const wordsOf = (text: string) => text.split(/\s+/).length;
const cuesTo = (pose: Pose, from = plain) => differenceOf(from, pose).flatMap((c) => cueFor(c) ?? []);

describe('the cue for a change of a setting', () => {
  it.each(SETTING_IDS)('can be said for %s, both ways, shortly', (id) => {
    const { min, max, station } = SETTINGS[id];
    // what turns all the way round has no far end: a quarter of the range either way
    const [low, high] = [min + (max - min) / 4, max - (max - min) / 4 - 1e-6];
    const up = cueFor({ kind: 'setting', station, id, from: low, to: high })!;
    const down = cueFor({ kind: 'setting', station, id, from: high, to: low })!;
    for (const cue of [up, down]) {
      expect(wordsOf(cue.text)).toBeLessThanOrEqual(MOST_WORDS);
      expect(cue.text).toMatch(/^[A-Z].*\.$/);
      expect(cue.text).not.toMatch(/[{}]|undefined/);
      expect(cue.asShown.includes('left')).toBe(cue.text.includes('right'));
    }
    expect(up.text).not.toBe(down.text);
  });

  it('speaks of the sitter’s own side', () => {
    const [cue] = cuesTo(withSetting(plain, 'leftKneeBendDeg', 20));
    expect(cue).toMatchObject({
      text: 'Bend your left knee, a good bit.',
      asShown: 'Bend your right knee, a good bit.',
      side: 'left',
    });
  });

  it.each([
    [5, 'a touch'],
    [10, 'a little'],
    [20, 'a good bit'],
    [60, 'all the way'],
  ])('says how much: %d° more', (more, words) => {
    const from = SETTINGS.leftKneeBendDeg.neutral;
    const [cue] = cuesTo(withSetting(plain, 'leftKneeBendDeg', from + more));
    expect(cue!.text).toBe(`Bend your left knee, ${words}.`);
  });

  it('turns the shorter way, and says how far that is', () => {
    const turned = (deg: number) => withSetting(plain, 'hipsTurnLeftDeg', deg);
    expect(cuesTo(turned(-170), turned(170))[0]!.text).toBe('Turn your whole body to your left, a little.');
  });
});

describe('the cue for anything else', () => {
  it('lays a hand where it goes, names the other arm, and lets it hang again', () => {
    const held = withContact(plain, 'right', 'other:upperArm');
    expect(cuesTo(held)[0]).toMatchObject({
      text: 'Right hand on your left upper arm.',
      asShown: 'Left hand on your right upper arm.',
    });
    const [free] = cuesTo(plain, held);
    expect(free).toMatchObject({ text: 'Let your right arm hang.', station: 'arms' });
  });

  it('carries the body elsewhere first of all', () => {
    expect(cuesTo(carriedIn(plain, 'sit'))[0]).toMatchObject({
      station: 'feet',
      text: 'Sit well forward on the chair.',
    });
  });

  it('draws an expression by its thought, and gives every shape of a hand words of its own', () => {
    const said = Object.values(EXPRESSIONS).flatMap((expression) => cuesTo({ ...plain, expression }));
    expect(said.map((c) => c.text)).toContain('Think of the last thing that made you laugh out loud.');
    const shapes = HAND_SHAPES.filter((s) => s !== 'relaxed').flatMap((left) =>
      cuesTo({ ...plain, hands: { left, right: 'relaxed' } }),
    );
    expect(new Set(shapes.map((c) => c.text)).size).toBe(HAND_SHAPES.length - 1);
    for (const { text } of shapes) expect(text).toMatch(/left/i);
  });
});
