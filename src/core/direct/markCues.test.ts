import { describe, expect, it } from 'vitest';
import { shotOf } from '../../../tests/support/people';
import { MOST_WORDS } from '../cues';
import { ARRANGEMENTS, arranged } from '../library';
import { neutralPose } from '../pose';
import { USUAL_VOICE, VOICES, type Voice } from '../people';
import { usualCarry, type Mark } from '../scene';
import { shotOfOne, withAnother, type Shot } from '../shot';
import { markCues } from './markCues';

const usual = (): Voice => USUAL_VOICE;
const TWO = withAnother(shotOfOne('runa', shotOf()), 'pim', neutralPose('x'));
/** Both with a mark each. */
function on(runa: Partial<Mark>, pim: Partial<Mark> = {}): Shot {
  const base: Mark = { leftM: 0, aheadM: 0, turnLeftDeg: 0 };
  const marks = [
    { ...base, ...runa },
    { ...base, leftM: -0.6, ...pim },
  ];
  return { ...TWO, people: TWO.people.map((p, i) => ({ ...p, mark: marks[i]! })) };
}
const said = (before: Shot | undefined, shot: Shot) =>
  markCues(before, shot, usual).map((c) => `${c.personId}: ${c.text}`);

describe('where somebody goes', () => {
  it.each([
    [{ leftM: 0.4 }, 'Step to your left, one step.'],
    [{ leftM: -0.2 }, 'Step to your right, half a step.'],
    [{ aheadM: 1.2 }, 'Step forward, 3 steps.'],
    [{ aheadM: -0.4 }, 'Step back, one step.'],
    [{ turnLeftDeg: 15 }, 'Turn on the spot to your left, a little.'],
    [{ turnLeftDeg: -70 }, 'Turn on the spot to your right, all the way.'],
    [{ levelM: 0.2 }, 'Step up onto the box.'],
  ])('is said in the own left and front: %o', (mark, words) => {
    expect(said(on({}), on(mark))).toEqual([`runa: ${words}`]);
  });

  it('is counted from the way one faces', () => {
    // who faces the set's left has its front to the own right
    expect(said(on({ turnLeftDeg: 90 }), on({ turnLeftDeg: 90, leftM: 0.4 }))).toEqual([
      'runa: Step forward, one step.',
    ]);
    expect(said(on({ turnLeftDeg: 90 }), on({ turnLeftDeg: 90, aheadM: 0.4 }))).toEqual([
      'runa: Step to your right, one step.',
    ]);
    expect(said(on({ turnLeftDeg: 170 }), on({ turnLeftDeg: -170 }))).toEqual([
      'runa: Turn on the spot to your left, a little.',
    ]);
  });

  it('is not asked for where nobody would see it', () => {
    expect(said(on({}), on({ leftM: 0.05, turnLeftDeg: 5 }))).toEqual([]);
    expect(said(on({}), on({}))).toEqual([]);
    expect(said(undefined, on({}))).toEqual([]);
  });

  it('is said by the other where it is close to them', () => {
    const close = on({}, { near: { role: 'a', gapM: 0 } });
    expect(said(on({}), close)).toEqual(['pim: Come close to {who}, so that you touch.']);
    expect(markCues(undefined, close, usual)[0]!.whoId).toBe('runa');
    expect(said(close, close)).toEqual([]);
    expect(said(on({}), on({}, { near: { role: 'a', gapM: 0.1 } }))).toEqual(['pim: Come close to {who}.']);
  });
});

describe('who is carried', () => {
  const carried = on({}, { carriedBy: usualCarry('a', 'hip') });

  it('is lifted and put down by whoever carries, and is told to do neither', () => {
    expect(said(on({}), carried)).toEqual(['runa: Lift {who} onto your left hip.']);
    expect(markCues(on({}), carried, usual)[0]!.whoId).toBe('pim');
    expect(said(carried, on({}))).toEqual(['runa: Put {who} down, gently.']);
    expect(said(carried, carried)).toEqual([]);
    expect(said(carried, on({}, { carriedBy: usualCarry('a', 'shoulders') }))).toEqual([
      'runa: Lift {who} onto your shoulders, with help.',
    ]);
  });
});

it('is short, one sentence, and shown in a mirror, for every arrangement', () => {
  const apart = on({}, { leftM: -1.5, aheadM: -1, turnLeftDeg: 40 });
  for (const arrangement of Object.values(ARRANGEMENTS).flat()) {
    const cues = markCues(apart, arranged(apart, arrangement), usual);
    for (const { text, asShown } of cues) {
      expect(text.split(/\s+/).length).toBeLessThanOrEqual(MOST_WORDS);
      expect(text.match(/[.!?]/g)).toHaveLength(1);
      expect(asShown.includes('left')).toBe(text.includes('right'));
    }
  }
});

describe.each(VOICES)('in $language, $manner', (voice) => {
  const words = (before: Shot | undefined, shot: Shot) =>
    markCues(before, shot, () => voice).map((c) => [c.text, c.asShown]);

  it('is a whole sentence, and its mirror has the other side', () => {
    const there: Partial<Mark>[] = [
      { leftM: 0.4 },
      { leftM: 0.2 },
      { aheadM: 1.2 },
      { aheadM: -0.4 },
      { turnLeftDeg: 15 },
      { levelM: 0.2 },
    ];
    for (const mark of there) {
      const [[text, asShown] = []] = words(on({}), on(mark));
      expect(text).toMatch(/^\p{Lu}[^{}]*\p{Ll}\.$/u);
      expect(text!.split(' ').length).toBeLessThanOrEqual(MOST_WORDS);
      const isSided = mark.leftM !== undefined || mark.turnLeftDeg !== undefined;
      expect(asShown !== text).toBe(isSided);
    }
  });

  it('lifts and puts down by name', () => {
    const carried = on({}, { carriedBy: usualCarry('a', 'hip') });
    const [lifted, put] = [words(on({}), carried), words(carried, on({}))].map(([cue]) => cue![0]);
    expect(lifted).toContain('{who}');
    expect(put).toContain('{who}');
    expect(lifted).not.toBe(put);
  });
});
