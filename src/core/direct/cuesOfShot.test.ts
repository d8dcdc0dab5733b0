import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../tests/support/people';
import { sentencesBetween, type Sentence } from '../cues';
import { neutralPose, STATIONS, withSetting } from '../pose';
import { shotOfOne, soloShot, withAnother, withSolo, type Shot } from '../shot';
import { USUAL_VOICE, type Voice } from '../people';
import { cuesOfShot } from '.';

const usual = (): Voice => USUAL_VOICE;

const ONE = shotOfOne('runa', shotOf({ hipsTurnLeftDeg: 40, headTurnLeftDeg: -26 }));
const TURNED = sentencesBetween(standInOf('average'), neutralPose('x'), soloShot(ONE)).sentences;
const NOSE: Sentence = {
  id: 'noseToHand',
  station: 'head',
  side: null,
  keys: ['headTurnLeftDeg', 'chinDownDeg'],
  tells: { settings: { headTurnLeftDeg: -10 } },
  isDue: false,
};
/** Another with the same turn, and a look of their own. */
function withJoss(): Shot {
  const two = withAnother(ONE, 'joss', neutralPose('x'));
  return withSolo(
    two,
    { ...soloShot(two, 'b'), pose: withSetting(soloShot(two, 'b').pose, 'hipsTurnLeftDeg', 40) },
    'b',
  );
}

describe('cues of a picture', () => {
  it('are what is said to the one who is in it, in that order', () => {
    const cues = cuesOfShot(undefined, ONE, () => [...TURNED, NOSE], usual);
    expect(cues.map((c) => c.text)).toEqual(['Turn your whole body to my hand.', 'Nose to my hand.']);
    expect(cues.every((c) => c.personIds.join() === 'runa' && c.whoId === null)).toBe(true);
  });

  it('go floor up through everybody, and are said once to both where they are the same', () => {
    const cues = cuesOfShot(
      undefined,
      withJoss(),
      (id) => (id === 'runa' ? TURNED : [NOSE, ...TURNED]),
      usual,
    );
    expect(cues.map((c) => [c.station, c.personIds.join()])).toEqual([
      ['hips', 'runa,joss'],
      ['head', 'joss'],
    ]);
    const at = cues.map((c) => STATIONS.indexOf(c.station));
    expect(at).toEqual([...at].sort((a, b) => a - b));
  });

  it('are said to each as they are spoken to, and together only in the same words', () => {
    const voiceOf = (id: string): Voice => ({ language: id === 'runa' ? 'en' : 'de', manner: 'polite' });
    const cues = cuesOfShot(undefined, withJoss(), () => TURNED, voiceOf);
    expect(cues.map((c) => [c.text, c.voice.language, c.personIds.join()])).toEqual([
      ['Turn your whole body to my hand.', 'en', 'runa'],
      ['Drehen Sie sich ganz zu meiner Hand.', 'de', 'joss'],
    ]);
  });

  it('say in which language they are in the end: a pose may have no words in that of the sitter', () => {
    const acted = (wordsIn?: { de: string }): Sentence => ({
      ...NOSE,
      id: 'acted',
      ownWords: { words: 'Walk on.', ...(wordsIn && { wordsIn }) },
    });
    const german = (): Voice => ({ language: 'de', manner: 'familiar' });
    const said = (sentence: Sentence) =>
      cuesOfShot(undefined, ONE, () => [sentence], german).map((c) => [c.text, c.voice.language]);
    expect(said(acted({ de: 'Weitergehen.' }))).toEqual([['Weitergehen.', 'de']]);
    expect(said(acted())).toEqual([['Walk on.', 'en']]);
  });

  it('begin with where everybody goes', () => {
    const cues = cuesOfShot(ONE, withJoss(), () => TURNED, usual);
    expect(cues.map((c) => [c.text, c.personIds.join()])).toEqual([
      ['Step to your left, one step.', 'runa'],
      ['Turn your whole body to my hand.', 'runa,joss'],
    ]);
  });

  it('know of whom they speak', () => {
    const looks: Sentence = {
      id: 'eyes:person',
      station: 'gaze',
      side: null,
      keys: ['gaze'],
      tells: { gaze: { kind: 'person', role: 'b', at: 'eyes' } },
      isDue: true,
    };
    const hand: Sentence = {
      id: 'laid',
      station: 'arms',
      side: 'left',
      keys: ['left:hand'],
      tells: {},
      isDue: true,
      contact: {
        part: 'left:palm',
        to: 'shoulder',
        kind: 'rest',
        pressure: 'light',
        of: { role: 'b', side: 'right' },
      },
    };
    const cues = cuesOfShot(undefined, withJoss(), (id) => (id === 'runa' ? [looks, hand] : []), usual);
    expect(cues.map((c) => [c.text, c.whoId])).toEqual([
      ['Left hand on {who}’s right shoulder.', 'joss'],
      ['Look at {who}.', 'joss'],
    ]);
    expect(cues[0]!.asShown).toBe('Right hand on {who}’s left shoulder.');
  });
});
