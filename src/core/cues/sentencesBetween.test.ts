import { describe, expect, it } from 'vitest';
import { CAMERA, LIGHT, standInOf, type PersonName } from '../../../tests/support/people';
import { viewOf } from '../camera';
import { figureFor, seeShot } from '../picture';
import { carriedIn, HOUSE_POSES } from '../library';
import { EXPRESSIONS, mirrorPose, neutralPose, on, settingOf, STATIONS, type Pose } from '../pose';
import { closenessOf } from './closeness/closeness';
import { marksOf, shiftBetween } from './closeness/landmarks';
import { sharpnessOf } from './closeness/seen';
import { followed } from './follow';
import { CLOSE, MOST_SENTENCES, sentencesAfter, sentencesBetween, type Said } from './sentencesBetween';
import { say, sayShown, wordsIn } from './words/say';

const camera = { ...CAMERA, distanceM: 6.2 };
const shotOf = (pose: Pose) => ({ pose, camera, light: LIGHT });
/** Every so many ordered pairs of poses of one support. */
const PAIRS = Object.values(HOUSE_POSES)
  .flatMap((poses) => poses.flatMap((from) => poses.filter((to) => to !== from).map((to) => ({ from, to }))))
  .filter((_, i) => i % 31 === 4);
const wayOf = new Map<string, Said>();
/** What is said on a way, found once. */
function saidOn({ from, to }: { from: Pose; to: Pose }): Said {
  const key = `${from.name} > ${to.name}`;
  const known = wayOf.get(key) ?? sentencesBetween(standInOf('average'), from, shotOf(to));
  wayOf.set(key, known);
  return known;
}
const rank = (numbers: number[], share: number) =>
  numbers.sort((a, b) => a - b)[Math.ceil(share * numbers.length) - 1]!;

/** How close the pose that some sentences lead to comes on a body. */
function closeOn(body: PersonName, { from, to }: { from: Pose; to: Pose }, { sentences }: Said) {
  const standIn = standInOf(body);
  const { eye } = viewOf(camera);
  const marks = (pose: Pose) => marksOf(figureFor(standIn, shotOf(pose), eye));
  const target = marks(to);
  const sharpness = sharpnessOf(seeShot(standIn, shotOf(to)));
  return closenessOf(shiftBetween(target, marks(followed(from, sentences, 0))), sharpness);
}

describe('between neighbouring poses of the house', () => {
  it('a few sentences come close enough, without what is not meant', { timeout: 120_000 }, () => {
    const all = PAIRS.map(saidOn);
    expect(
      rank(
        all.map((s) => s.sentences.length),
        0.5,
      ),
    ).toBeLessThanOrEqual(5);
    expect(
      rank(
        all.map((s) => s.sentences.length),
        0.9,
      ),
    ).toBeLessThanOrEqual(7);
    expect(Math.max(...all.map((s) => s.sentences.length))).toBeLessThanOrEqual(MOST_SENTENCES);
    expect(all.filter((s) => s.isClose).length / all.length).toBeGreaterThanOrEqual(0.9);
    expect(all.filter((s) => s.newFindings.length > 0).length / all.length).toBeLessThanOrEqual(0.1);
    expect(
      rank(
        all.map((s) => s.sentences.reduce((sum, x) => sum + wordsIn(x), 0)),
        0.5,
      ),
    ).toBeLessThanOrEqual(30);
    for (const { isClose, close } of all)
      expect(isClose).toBe(close.error <= CLOSE.error && close.worst <= CLOSE.worst);
  });

  it('nothing is said twice or against another, and what carries the body comes first, then floor up', () => {
    for (const pair of PAIRS) {
      const { sentences } = saidOn(pair);
      const keys = sentences.flatMap((s) => s.keys);
      expect(new Set(keys).size).toBe(keys.length);
      const floorUp = sentences
        .filter((s) => !s.keys.includes('stance') && s.id !== 'shakeOut')
        .map((s) => STATIONS.indexOf(s.station));
      expect(floorUp).toEqual([...floorUp].sort((a, b) => a - b));
      expect(sentences.findIndex((s) => s.keys.includes('stance'))).toBeLessThanOrEqual(0);
    }
  });

  it.each(['slight', 'heavy'] as const)(
    'the same sentences serve a %s body',
    { timeout: 120_000 },
    (body) => {
      const errors = PAIRS.filter((pair) => saidOn(pair).isClose).map((pair) =>
        closeOn(body, pair, saidOn(pair)),
      );
      expect(
        rank(
          errors.map((e) => e.error),
          0.5,
        ),
      ).toBeLessThanOrEqual(CLOSE.error);
      expect(
        rank(
          errors.map((e) => e.error),
          0.9,
        ),
      ).toBeLessThanOrEqual(1.25 * CLOSE.error);
    },
  );
});

describe('what is said', () => {
  const [tall, sway] = HOUSE_POSES.standing as [Pose, Pose];
  const average = () => standInOf('average');

  it('is nothing where nothing changes, and the thought alone where only the face does', () => {
    expect(sentencesBetween(average(), tall, shotOf(tall)).sentences).toEqual([]);
    const smiling = { ...tall, expression: EXPRESSIONS.smallSmile };
    const { sentences } = sentencesBetween(average(), tall, shotOf(smiling));
    expect(sentences.map((s) => say(s))).toEqual(['Think of somebody you are glad to see.']);
  });

  it('is one acted sentence where the pose moves, after what carries the body there', () => {
    const [walk] = HOUSE_POSES.moving as [Pose];
    const seated = HOUSE_POSES.chair![0]!;
    expect(sentencesBetween(average(), walk, shotOf(walk)).sentences).toEqual([]);
    const [first, acted] = sentencesBetween(average(), seated, shotOf(walk)).sentences;
    expect(first!.keys).toContain('stance');
    expect(say(acted!)).toBe(walk.words);
    expect(first!.keys.filter((key) => acted!.keys.includes(key))).toEqual([]);
  });

  it('is the same once more', () => {
    expect(sentencesBetween(average(), tall, shotOf(sway))).toEqual(
      sentencesBetween(average(), tall, shotOf(sway)),
    );
  });

  it('is shown as it would be said of the mirrored poses', () => {
    const said = sentencesBetween(average(), tall, shotOf(sway));
    const mirrored = sentencesBetween(average(), mirrorPose(tall), {
      ...shotOf(mirrorPose(sway)),
      light: { ...LIGHT, arcDeg: -LIGHT.arcDeg },
    });
    expect(mirrored.sentences.map((s) => say(s)).sort()).toEqual(
      said.sentences.map((s) => sayShown(s)).sort(),
    );
  });

  it('is the same from another side of the room, where all is turned', () => {
    const by = 70;
    const turned = (pose: Pose): Pose => ({
      ...pose,
      settings: { ...pose.settings, hipsTurnLeftDeg: settingOf(pose, 'hipsTurnLeftDeg') + by },
    });
    const there = sentencesBetween(average(), turned(tall), {
      pose: turned(sway),
      camera: { ...camera, arcDeg: by },
      light: { ...LIGHT, arcDeg: LIGHT.arcDeg + by },
    });
    const here = sentencesBetween(average(), tall, shotOf(sway));
    expect(there.sentences.map((s) => say(s))).toEqual(here.sentences.map((s) => say(s)));
  });

  it('leaves out what the frame does not show', () => {
    const close = { ...camera, distanceM: 2, heightM: 1.55 };
    const bent: Pose = {
      ...tall,
      settings: { ...tall.settings, leftElbowBendDeg: 75 },
      hands: { left: 'looseFist', right: 'relaxed' },
    };
    const said = (c: typeof camera) =>
      sentencesBetween(average(), tall, { pose: bent, camera: c, light: LIGHT }).sentences;
    expect(said(close)).toEqual([]);
    expect(said(camera).length).toBeGreaterThan(0);
  });

  it('tells what is other still', () => {
    const { left, sentences } = sentencesBetween(average(), sway, shotOf(tall));
    const told = new Set(sentences.flatMap((s) => Object.keys(s.tells.settings ?? {})));
    expect(left.length).toBeGreaterThan(0);
    expect(left.some((c) => c.kind === 'setting' && !told.has(c.id))).toBe(true);
  });
});

describe('what did not come by itself', () => {
  const seated = carriedIn(neutralPose('seated'), 'sit');
  const to: Pose = {
    ...seated,
    settings: {
      ...seated.settings,
      hingeDeg: 30,
      seatDepthShare: 0.15,
      leftElbowBendDeg: 61,
      faceForwardCm: 2,
    },
    contacts: [on('left:elbow', 'kneeTop', 'lean')],
  };

  it('is said from there on, and what was said before stays', () => {
    const standIn = standInOf('average');
    const from = { ...seated, settings: { ...seated.settings, seatDepthShare: 0.15 } };
    const usual = sentencesBetween(standIn, from, shotOf(to));
    expect(usual.sentences.map((s) => say(s))).toEqual(['Left elbow on your knee.']);
    const anew = sentencesAfter(standIn, from, shotOf(to), [1]);
    expect(anew.sentences[0]).toEqual(usual.sentences[0]);
    expect(anew.sentences.slice(1).flatMap((s) => s.keys)).toContain('hingeDeg');
    expect(sentencesAfter(standIn, from, shotOf(to), [])).toEqual(usual);
  });
});
