import { describe, expect, it } from 'vitest';
import { SUPPORT_KINDS, supportAt } from '../../scene';
import { CONTACT_KINDS, HAND_SHAPES, mirrorPose, neutralPose, on, type Contact } from '../../pose';
import { CONTACT_PARTS, CONTACT_TARGETS } from '../../pose/contact';
import { carriedIn, HOUSE_POSES } from '../../library';
import { candidates } from '../rows';
import { stance } from '../rows/stance';
import { laid, shaped } from '../rows/hands';
import type { Sentence } from '../sentence';
import { ENGLISH } from './english';
import { MOST_WORDS, say, sayShown, wordsIn } from './say';

const bare = (id: Sentence['id'], side: Sentence['side']): Sentence => ({
  id,
  station: 'feet',
  side,
  keys: [],
  tells: {},
  isDue: false,
});
const { amounts, paired, shown, cross, pairs, eyes, faces, off } = ENGLISH;
const WITHOUT_SLOTS = Object.keys({
  ...amounts,
  ...paired,
  ...shown,
  ...cross,
  ...eyes,
  ...faces,
}) as Sentence['id'][];
const OTHERS = [
  ...(Object.keys(pairs) as Sentence['id'][]).filter((id) => id !== 'bothLaid'),
  ...Object.keys(off).map((part) => `off:${part}` as Sentence['id']),
  'armHangs' as const,
  'shakeOut' as const,
];

function expectSound(sentence: Sentence): void {
  const words = say(sentence);
  expect(words).toMatch(/^[A-Z].*[a-z}]\.$/);
  expect(words.replace('{who}', '')).not.toMatch(/[{}]|undefined| {2}|,,|your your|the the/);
  expect(words.match(/[.!?]/g)).toHaveLength(1);
  expect(wordsIn(sentence), words).toBeLessThanOrEqual(MOST_WORDS);
}

const PLACES_ON = ['floor', 'seat', 'armrest'] as const;

describe('every sentence', () => {
  it.each([...WITHOUT_SLOTS, ...OTHERS])('%s is whole and short, for each side and for both', (id) => {
    for (const side of ['left', 'right'] as const) expectSound(bare(id, side));
    if (id in paired || !/left|right/i.test(say(bare(id, 'left')))) expectSound(bare(id, null));
    expect(sayShown(bare(id, 'left'))).toBe(say(bare(id, 'right')));
  });

  it('is another for every id', () => {
    const all = [...WITHOUT_SLOTS, ...OTHERS].map((id) => say(bare(id, 'left')));
    expect(new Set(all).size).toBe(all.length);
  });

  it('lays every part on every place in every way', () => {
    for (const part of CONTACT_PARTS)
      for (const to of CONTACT_TARGETS)
        for (const kind of CONTACT_KINDS) expectSound(laid({ part, to, kind, pressure: 'light' }));
  });

  it('closes a hand in every shape, and both', () => {
    for (const shape of HAND_SHAPES)
      for (const side of ['left', 'right', null] as const) expectSound(shaped(shape, side));
  });

  it('carries a body by everything there is, sent anywhere', () => {
    for (const carried of [
      'sit',
      'astride',
      'perch',
      'lean',
      'kneel',
      'reclineLeft',
      'reclineFront',
    ] as const)
      for (const kind of SUPPORT_KINDS) {
        const pose = {
          ...carriedIn(neutralPose('x'), carried),
          objects: [supportAt(kind)],
        };
        // nobody sits astride of an armrest, or lies on one
        const onWhats = carried === 'sit' || carried === 'perch' ? PLACES_ON : (['floor', 'seat'] as const);
        for (const onWhat of onWhats)
          for (const hipsTurnLeftDeg of [0, 60]) {
            const settings = { ...pose.settings, hipsTurnLeftDeg };
            expectSound(stance({ ...pose, on: onWhat, settings }, 20));
          }
      }
  });

  it('sits one down on what there is, knees where they go', () => {
    const floor = carriedIn(neutralPose('x'), 'floor');
    const onSofa = { ...floor, on: 'seat' as const, objects: [supportAt('sofa')] };
    expect(say(stance(floor, 0))).toBe('Sit on the floor, left knee up, the other folded.');
    expect(say(stance(onSofa, 0))).toBe('Sit on the sofa, left knee up, the other folded.');
    const folded = (leftKneeInDeg: number, rightKneeInDeg: number) =>
      say(
        stance(
          { ...floor, legs: { left: 'lies', right: 'lies' }, settings: { leftKneeInDeg, rightKneeInDeg } },
          0,
        ),
      );
    expect(folded(-72, 70)).toContain('both knees over to your left');
    expect(folded(70, -72)).toContain('both knees over to your right');
    expect(folded(-72, -70)).toContain('legs folded in front of you');
  });

  it('sends one who sits on an armrest to the arm, not into the chair', () => {
    const pose = { ...carriedIn(neutralPose('x'), 'perch'), objects: [supportAt('armchair')] };
    expect(say(stance({ ...pose, on: 'armrest' }, 0))).toContain('the arm of the armchair');
    expect(say(stance(pose, 0))).not.toContain('arm of');
  });
});

describe('a place', () => {
  it.each<[Contact, string]>([
    [on('left:palm', 'thighTop'), 'Left hand on your thigh.'],
    [on('right:fist', 'underChin', 'hover'), 'Right fist near your chin.'],
    [on('right:palm', 'other:forearm'), 'Right hand on your left forearm.'],
    [on('left:palm', 'frontPocket'), 'Left hand in your front pocket.'],
    [on('left:palm', 'rail', 'grip'), 'Left hand round the rail.'],
    [on('back', 'wall', 'lean'), 'Back on the wall.'],
    [on('right:palm', 'floor', 'lean', { left: -0.7, ahead: -0.4 }), 'Lean on your right hand behind you.'],
    [on('right:palm', 'floor', 'lean', { left: -0.7, ahead: 0.4 }), 'Right hand on the floor.'],
    [
      { ...on('left:palm', 'shoulder'), of: { role: 'b', side: 'right' } },
      'Left hand on {who}’s right shoulder.',
    ],
    [{ ...on('left:palm', 'smallOfBack'), of: { role: 'b' } }, 'Left hand on the small of {who}’s back.'],
  ])('of %j', (contact, words) => {
    expect(say(laid(contact))).toBe(words);
  });

  it('is mirrored with whose side it is, and walls are not', () => {
    const theirs = laid({ ...on('left:palm', 'shoulder'), of: { role: 'b', side: 'right' } });
    expect(sayShown(theirs)).toBe('Right hand on {who}’s left shoulder.');
    expect(sayShown(laid(on('right:palm', 'other:forearm')))).toBe('Left hand on your right forearm.');
    expect(sayShown(stance(carriedIn(neutralPose('x'), 'reclineLeft'), 0))).toMatch(/right side/);
  });
});

it('what is shown is what would be said of the mirrored poses', () => {
  const house = Object.values(HOUSE_POSES).flat();
  for (const [i, from] of house.entries()) {
    const to = house[(i * 7 + 1) % house.length]!;
    const asShown = candidates({ from, to, lensDeg: 0 }).map(sayShown);
    const mirrored = candidates({ from: mirrorPose(from), to: mirrorPose(to), lensDeg: 0 }).map(say);
    expect([...mirrored].sort(), `${from.name} > ${to.name}`).toEqual([...asShown].sort());
  }
});
