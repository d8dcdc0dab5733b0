import { describe, expect, it } from 'vitest';
import { carriedIn, HOUSE_POSES } from '../library';
import {
  CARRIED_NAMES,
  CONTACT_KINDS,
  EXPRESSIONS,
  HAND_SHAPES,
  mirrorPose,
  neutralPose,
  withTouch,
  type Contact,
} from '../pose';
import { CONTACT_PARTS, CONTACT_TARGETS } from '../pose/contact';
import { cuesBetween, MOST_WORDS } from './cues';
import { carriedPhrase, contactPhrase, expressionPhrase, HAND_PHRASES } from './phrases';

const plain = neutralPose('plain');
const contact = (said: Partial<Contact>): Contact => ({
  part: 'left:palm',
  to: 'thighTop',
  kind: 'rest',
  pressure: 'light',
  ...said,
});
const cueOf = (said: Partial<Contact>) => cuesBetween(plain, withTouch(plain, contact(said)))[0]!;

describe('what is said for a contact', () => {
  it.each<[Partial<Contact>, string]>([
    [{}, 'Rest your left hand on the top of your thigh.'],
    [{ kind: 'hover', to: 'chin', part: 'right:fist' }, 'Bring your right fist near your chin.'],
    [{ kind: 'grip', to: 'rail' }, 'Grip the rail with your left hand.'],
    [
      { kind: 'touch', to: 'temple', part: 'left:fingertips' },
      'Touch your temple with your left fingertips.',
    ],
    [
      { kind: 'lean', to: 'kneeTop', part: 'right:elbow' },
      'Lean your right elbow on your thigh, just above the knee.',
    ],
    [{ kind: 'lean', to: 'wall', part: 'left:shoulder' }, 'Lean your left shoulder on the wall.'],
    [{ kind: 'lean', to: 'wall', part: 'back' }, 'Lean your back on the wall.'],
    [{ to: 'other:forearm' }, 'Rest your left hand on your right forearm.'],
    [{ to: 'other:forearm', part: 'right:palm' }, 'Rest your right hand on your left forearm.'],
  ])('%j', (said, words) => {
    expect(cueOf(said).text).toBe(words);
  });

  it('is a whole sentence for every part, place and way of touching', () => {
    for (const part of CONTACT_PARTS)
      for (const to of CONTACT_TARGETS)
        for (const kind of CONTACT_KINDS) {
          const words = contactPhrase(contact({ part, to, kind }));
          expect(words, `${part} ${to} ${kind}`).toMatch(/^[A-Z][a-z' ,{}-]+[a-z}]$/);
          expect(words).not.toMatch(/,,|, ,|,\.|your your|the the|on (under|in) |\{your\}/);
        }
    expect(cueOf({ part: 'left:littleEdge', kind: 'touch' }).text).toBe(
      'Touch the top of your thigh with the edge of your left hand.',
    );
    expect(cueOf({ part: 'right:fist', to: 'underChin' }).text).toBe(
      'Rest your right fist on the underside of your chin.',
    );
  });

  it('is told mirrored as it is shown', () => {
    expect(cueOf({ to: 'other:forearm' }).asShown).toBe('Rest your right hand on your left forearm.');
    expect(cueOf({ to: 'rail' }).side).toBe('left');
    expect(cueOf({ to: 'wall', part: 'back' }).side).toBeNull();
  });

  it('has words for every kind, without a gap', () => {
    for (const kind of CONTACT_KINDS) expect(contactPhrase(contact({ kind }))).not.toMatch(/undefined|  /);
  });

  it('ends a contact of any part', () => {
    const held = withTouch(plain, contact({ part: 'right:shoulder', to: 'wall', kind: 'lean' }));
    expect(cuesBetween(held, plain)[0]!.text).toBe('Free your right shoulder.');
    const leant = withTouch(plain, contact({ part: 'back', to: 'wall', kind: 'lean' }));
    expect(cuesBetween(leant, plain)[0]!.text).toBe('Free your back.');
  });

  it('stands at its own station, so that it is said from the floor up', () => {
    const stations = (part: Contact['part']) => cueOf({ part, to: 'wall', kind: 'lean' }).station;
    expect(stations('left:foot')).toBe('feet');
    expect(stations('back')).toBe('spine');
    expect(stations('left:shoulder')).toBe('shoulders');
    expect(stations('left:elbow')).toBe('arms');
  });
});

describe('what is said to be carried in another way', () => {
  it.each(CARRIED_NAMES)('%s: one short sentence', (support) => {
    const text = `${carriedPhrase(carriedIn(plain, support))}.`;
    expect(text.split(/\s+/).length).toBeLessThanOrEqual(MOST_WORDS);
    expect(text).toMatch(/^[A-Z]/);
    expect(text).not.toMatch(/[{}]|undefined/);
  });

  it('names the support and the crossing', () => {
    const seated = carriedIn(plain, 'sit');
    expect(carriedPhrase(seated)).toBe('Sit down on the chair');
    expect(carriedPhrase({ ...seated, crossed: { how: 'knees', over: 'left' } })).toBe(
      'Sit down on the chair, one knee over the other',
    );
    expect(cuesBetween(plain, seated)[0]).toMatchObject({ station: 'feet', text: 'Sit down on the chair.' });
  });

  it('exchanges the sides a body lies on when it is mirrored', () => {
    const lying = carriedIn(plain, 'reclineLeft');
    expect(carriedPhrase(mirrorPose(lying))).toBe('Lie down on your right side');
  });
});

describe('what is said for a face and a hand', () => {
  it('draws an expression with a thought, never with a muscle', () => {
    const said = Object.values(EXPRESSIONS).map((e) => expressionPhrase(e));
    expect(new Set(said).size).toBe(said.length);
    for (const text of said) expect(text).not.toMatch(/muscle|lip|cheek|brow/i);
    expect(cuesBetween(plain, { ...plain, expression: EXPRESSIONS.laugh })[0]!.text).toBe(
      'Think of the last thing that made you laugh out loud.',
    );
  });

  it('has a sentence of its own for every shape of the hand', () => {
    const said = HAND_SHAPES.map((shape) => HAND_PHRASES[shape]);
    expect(new Set(said).size).toBe(HAND_SHAPES.length);
    for (const text of said) expect(text).toContain('{side}');
  });
});

it('every pose of the house can be reached from standing at ease in short cues', () => {
  for (const pose of Object.values(HOUSE_POSES).flat())
    for (const cue of cuesBetween(plain, pose)) {
      expect(cue.text.split(/\s+/).length).toBeLessThanOrEqual(MOST_WORDS);
      expect(cue.text).not.toMatch(/[{}]|undefined/);
    }
});

describe('what is said besides', () => {
  it('names the hand that is looked at, and its mirror', () => {
    const looking = { ...plain, gaze: { kind: 'hand' as const, side: 'right' as const } };
    const cue = cuesBetween(plain, looking)[0]!;
    expect(cue.text).toBe('Look at your right hand.');
    expect(cue.asShown).toBe('Look at your left hand.');
  });

  it('says on what one kneels or lies', () => {
    const sofa = carriedIn(plain, 'sit').objects!;
    const onSeat = { ...plain, support: 'kneel' as const, objects: sofa, on: 'seat' as const };
    expect(carriedPhrase(onSeat)).toMatch(/, on the chair$/);
    expect(carriedPhrase({ ...onSeat, on: 'floor' })).not.toContain('chair');
  });
});
