import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPose } from '../../../tests/support/poses';
import { STANDING_POSES } from '../library';
import { mirrorPose, neutralPose, SETTING_IDS, SETTINGS, STATIONS, withContact, withSetting } from '../pose';
import { cueFor, cuesBetween, MOST_WORDS } from './cues';

const plain = neutralPose('plain');
const wordsOf = (text: string) => text.split(/\s+/).length;

describe('a cue', () => {
  it.each(SETTING_IDS)('can be said for %s, both ways, shortly', (id) => {
    const { min, max, station } = SETTINGS[id];
    // what turns all the way round has no far end: a quarter of the range either way
    const [low, high] = [min + (max - min) / 4, max - (max - min) / 4 - 1e-6];
    const up = cueFor({ kind: 'setting', station, id, from: low, to: high });
    const down = cueFor({ kind: 'setting', station, id, from: high, to: low });
    for (const cue of [up, down]) {
      expect(wordsOf(cue.text)).toBeLessThanOrEqual(MOST_WORDS);
      expect(cue.text).toMatch(/^[A-Z].*\.$/);
      expect(cue.text).not.toMatch(/[{}]|undefined/);
    }
    expect(up.text).not.toBe(down.text);
  });

  it('speaks of the sitter’s own side', () => {
    const left = cuesBetween(plain, withSetting(plain, 'leftKneeBendDeg', 20))[0]!;
    expect(left.text).toBe('Bend your left knee, a good bit.');
    expect(left.asShown).toBe('Bend your right knee, a good bit.');
    expect(left.side).toBe('left');
  });

  it.each([
    [5, 'a touch'],
    [10, 'a little'],
    [20, 'a good bit'],
    [60, 'all the way'],
  ])('says how much: %d° more', (more, words) => {
    const from = SETTINGS.leftKneeBendDeg.neutral;
    const cue = cuesBetween(plain, withSetting(plain, 'leftKneeBendDeg', from + more))[0]!;
    expect(cue.text).toBe(`Bend your left knee, ${words}.`);
  });

  it('names both arms where one hand holds the other arm', () => {
    const cue = cuesBetween(plain, withContact(plain, 'right', 'other:upperArm'))[0]!;
    expect(cue.text).toBe('Hold your left arm with your right hand, lightly.');
    expect(cue.asShown).toBe('Hold your right arm with your left hand, lightly.');
  });

  it('tells the way back to a hanging arm', () => {
    const cue = cuesBetween(withContact(plain, 'left', 'frontPocket'), plain)[0]!;
    expect(cue.text).toBe('Let your left arm hang, loose.');
  });
});

describe('cues between poses', () => {
  it('go from the floor up, one action each, never above the length a sitter takes in', () => {
    fc.assert(
      fc.property(anyPose, anyPose, (from, to) => {
        const cues = cuesBetween(from, to);
        const order = cues.map((c) => STATIONS.indexOf(c.station));
        expect(order).toEqual([...order].sort((a, b) => a - b));
        for (const cue of cues) {
          expect(wordsOf(cue.text)).toBeLessThanOrEqual(MOST_WORDS);
          expect(cue.text.match(/[.!?]/g)).toHaveLength(1);
          expect(cue.text).not.toContain(' and then ');
        }
      }),
      { numRuns: 60, seed: 23 },
    );
  });

  it('are the same for the mirrored poses when shown instead of said', () => {
    for (const from of STANDING_POSES)
      for (const to of STANDING_POSES) {
        const said = cuesBetween(mirrorPose(from), mirrorPose(to)).map((c) => c.text);
        const shown = cuesBetween(from, to).map((c) => c.asShown);
        expect([...said].sort()).toEqual([...shown].sort());
      }
  });

  it('are none where nothing changes', () => {
    expect(cuesBetween(plain, { ...plain, name: 'other name' })).toEqual([]);
  });
});

it('turns the shorter way, and says how far that is', () => {
  const turned = (deg: number) => withSetting(plain, 'hipsTurnLeftDeg', deg);
  expect(cuesBetween(turned(170), turned(-170))[0]!.text).toBe(
    'Turn your whole body to your left, a little.',
  );
});
