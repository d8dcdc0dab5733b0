import { describe, expect, it } from 'vitest';
import { USUAL_VOICE, VOICES, type Voice } from '../../people';
import { SUPPORT_KINDS, supportAt } from '../../scene';
import { CONTACT_KINDS, HAND_SHAPES, mirrorPose, neutralPose, on, type Contact } from '../../pose';
import { CONTACT_PARTS, CONTACT_TARGETS } from '../../pose/contact';
import { BODY_PLACES, isSided } from '../../pose/places';
import { carriedIn, HOUSE_POSES } from '../../library';
import { candidates } from '../rows';
import { stance } from '../rows/stance';
import { laid, shaped } from '../rows/hands';
import type { Sentence } from '../sentence';
import { CUE_WORDS } from './languages';
import { MOST_WORDS, say, sayShown } from './say';
import { naming } from './slots';

const bare = (id: Sentence['id'], side: Sentence['side']): Sentence => ({
  id,
  station: 'feet',
  side,
  keys: [],
  tells: {},
  isDue: false,
});
const { amounts, paired, shown, cross, pairs, eyes, faces, off } = CUE_WORDS.en;
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

function expectSound(sentence: Sentence, voice: Voice): void {
  const words = say(sentence, voice);
  expect(words).toMatch(/^\p{Lu}.*[\p{Ll}}]\.$/u);
  expect(words.replace('{who}', 'Runa')).not.toMatch(
    /[{}]|undefined| {2}|,,|your your|the the|\b(de el|a el|de le|de les|an das|auf das)\b/,
  );
  expect(words.match(/[.!?]/g)).toHaveLength(1);
  expect(words.split(/\s+/).length, words).toBeLessThanOrEqual(MOST_WORDS);
}

const PLACES_ON = ['floor', 'seat', 'armrest'] as const;

describe.each(VOICES)('every sentence in $language, $manner', (voice) => {
  it.each([...WITHOUT_SLOTS, ...OTHERS])('%s is whole and short, for each side and for both', (id) => {
    for (const side of ['left', 'right'] as const) expectSound(bare(id, side), voice);
    const [left, right] = [say(bare(id, 'left'), voice), say(bare(id, 'right'), voice)];
    if (id in paired || left === right) expectSound(bare(id, null), voice);
    expect(sayShown(bare(id, 'left'), voice)).toBe(right);
  });

  it('is another for every id', () => {
    const all = [...WITHOUT_SLOTS, ...OTHERS].map((id) => say(bare(id, 'left'), voice));
    expect(new Set(all).size).toBe(all.length);
  });

  it('lays every part on every place in every way', () => {
    for (const part of CONTACT_PARTS)
      for (const to of CONTACT_TARGETS)
        for (const kind of CONTACT_KINDS) expectSound(laid({ part, to, kind, pressure: 'light' }), voice);
  });

  it('lays a hand on every place of somebody else', () => {
    for (const to of BODY_PLACES)
      for (const side of isSided(to) ? (['left', 'right'] as const) : [undefined]) {
        const whose = { role: 'b', ...(side && { side }) };
        const laidOn = laid({ ...on('left:palm', to), of: whose });
        expectSound(laidOn, voice);
        expect(say(laidOn, voice)).toContain('{who}');
      }
  });

  it('closes a hand in every shape, and both', () => {
    for (const shape of HAND_SHAPES)
      for (const side of ['left', 'right', null] as const) expectSound(shaped(shape, side), voice);
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
            expectSound(stance({ ...pose, on: onWhat, settings }, 20), voice);
          }
      }
  });
});

describe('a sentence in English', () => {
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

describe('in other languages', () => {
  const of = (part: Contact['part'], to: Contact['to'], whose: Contact['of']): Sentence =>
    laid({ ...on(part, to), ...(whose && { of: whose }) });
  const acting: Sentence = {
    ...bare('acted', null),
    ownWords: { words: 'Walk towards me, slowly.', wordsIn: { de: 'Langsam auf mich zu gehen.' } },
  };
  it.each<[Voice['language'], Voice['manner'], Sentence, string]>([
    ['de', 'familiar', bare('weightOn', 'left'), 'Gewicht aufs linke Bein.'],
    ['de', 'polite', bare('bodyToHand', null), 'Drehen Sie sich ganz zu meiner Hand.'],
    ['de', 'familiar', bare('overOnHip', 'left'), 'Gewicht auf die rechte Hüfte.'],
    ['de', 'familiar', of('right:palm', 'other:forearm', undefined), 'Rechte Hand auf den linken Unterarm.'],
    ['fr', 'familiar', bare('armHangs', 'right'), 'Laisse pendre le bras droit.'],
    ['fr', 'polite', bare('armHangs', 'right'), 'Laissez pendre le bras droit.'],
    ['fr', 'familiar', of('left:palm', 'floor', undefined), 'La main gauche par terre.'],
    ['fr', 'familiar', laid(on('left:palm', 'kneeFront', 'hold')), 'La main gauche autour du genou.'],
    ['de', 'polite', acting, 'Langsam auf mich zu gehen.'],
    ['es', 'polite', acting, 'Walk towards me, slowly.'],
    ['es', 'familiar', bare('ribsToHip', 'right'), 'Las costillas derechas hacia la cadera.'],
    ['es', 'polite', bare('eyes:down', null), 'Baje los ojos.'],
    ['es', 'familiar', laid(on('left:palm', 'seat', 'hover')), 'La mano izquierda cerca del asiento.'],
  ])('%s, %s', (language, manner, sentence, words) => {
    expect(say(sentence, { language, manner })).toBe(words);
  });

  it('names somebody as the language runs', () => {
    const french: Voice = { language: 'fr', manner: 'familiar' };
    const theirs = say(of('left:palm', 'shoulder', { role: 'b', side: 'right' }), french);
    expect(naming(french, theirs, 'Odile')).toBe('La main gauche sur l’épaule droite d’Odile.');
    expect(naming(french, theirs, 'Runa')).toBe('La main gauche sur l’épaule droite de Runa.');
    expect(naming(USUAL_VOICE, say(of('left:palm', 'shoulder', { role: 'b' })), 'Runa')).toBe(
      'Left hand on Runa’s shoulder.',
    );
  });
});

it('what is shown is what would be said of the mirrored poses', () => {
  const house = Object.values(HOUSE_POSES).flat();
  for (const [i, from] of house.entries()) {
    const to = house[(i * 7 + 1) % house.length]!;
    const asShown = candidates({ from, to, lensDeg: 0 }).map((s) => sayShown(s));
    const mirrored = candidates({ from: mirrorPose(from), to: mirrorPose(to), lensDeg: 0 }).map((s) =>
      say(s),
    );
    expect([...mirrored].sort(), `${from.name} > ${to.name}`).toEqual([...asShown].sort());
  }
});
