import { describe, expect, it } from 'vitest';
import { CAMERA, LIGHT, shotOf, standInOf, type PersonName } from '../../../tests/support/people';
import { standardOf } from '../brief';
import { viewOf } from '../camera';
import { figureOf } from '../figure';
import { HOUSE_POSES } from '../library';
import { seeShot } from '../picture';
import { neutralPose, type Pose } from '../pose';
import { supportAt } from '../scene';
import { framed, USUAL_EXPOSURE } from '../set';
import type { SoloShot } from '../shot';
import { RULES, type RuleId } from './rules';

const PEOPLE: PersonName[] = ['slight', 'average', 'heavy'];

/** What a rule measures of a shot; nothing where it is not asked. */
function measured(id: RuleId, shot: SoloShot, name: PersonName = 'average') {
  const rule = RULES.find((r) => r.id === id)!;
  return rule.measure(seeShot(standInOf(name), shot), standardOf(shot.pose.message).ranges);
}
const isFound = (id: RuleId, shot: SoloShot, name?: PersonName) =>
  measured(id, shot, name).some(({ value, low, high }) => value < low || value > high);

const shot = (said: Partial<Pose>, camera: Partial<SoloShot['camera']> = {}): SoloShot => ({
  ...shotOf({}, camera),
  pose: { ...neutralPose('x'), ...said },
});
const NEAR = { distanceM: 2, heightM: 1.54 };
const LYING: Partial<Pose> = { support: 'reclineBack', settings: { hipsTurnLeftDeg: 80 } };
const ON_CHAIR: Partial<Pose> = { support: 'sit', objects: [supportAt('chair')] };
const closed = (gaze: Pose['gaze']): SoloShot => shot({ expression: { lidsClosed: 0.5 }, gaze }, NEAR);
const moving: Pose['message'] = { presence: 0, openness: 0, formality: 0, movement: 0.7 };
const flash = { guideNumberM: 40, flashParts: 1, syncParts: 200 };

/** Scenes in which a rule has nothing to judge: what was not seen is neither good nor bad. */
const NOT_ASKED: [id: RuleId, why: string, shot: SoloShot][] = [
  ['lids-low', 'eyes that look down', closed({ kind: 'down' })],
  ['lids-low', 'eyes that look nowhere', closed({ kind: 'ahead' })],
  ['far-eye-soft', 'a profile', shot({ settings: { hipsTurnLeftDeg: 80 } }, NEAR)],
  ['far-eye-soft', 'closed eyes', shot({ expression: { lidsClosed: 1 } }, NEAR)],
  ['far-eye-soft', 'a face out of the frame', shot({}, { heightM: 0.4, distanceM: 1.5 })],
  ['face-from-near', 'a face out of the frame', shot({}, { heightM: 0.4, distanceM: 1.5 })],
  ['verticals-lean', 'a set without anything plumb', shot({}, { aim: { kind: 'aimed', heightM: 0.2 } })],
  ['motion-blur', 'a shutter that nobody has said', { ...shot({ message: moving }) }],
  [
    'motion-blur',
    'a flash, which stops it',
    { ...shot({ message: moving }), exposure: { ...USUAL_EXPOSURE, flash } },
  ],
  ['jaw-unshaped', 'a head that lies', shot(LYING, { heightM: 0.6, orientation: 'landscape' })],
  ['jaw-unshaped', 'a face turned away', shot({ settings: { hipsTurnLeftDeg: 120 } }, NEAR)],
  [
    'jaw-unshaped',
    'a key from the side',
    { ...shot({}, NEAR), light: { ...LIGHT, arcDeg: 70, heightM: 1.5 } },
  ],
  ['feet-against-hips', 'a seated sitter', shot(ON_CHAIR)],
  ['square-hips', 'a seated sitter', shot(ON_CHAIR)],
  ['square-hips', 'hips out of the frame', shot({}, { heightM: 1.6, distanceM: 1.4 })],
  ['level-shoulders', 'a seated sitter', shot(ON_CHAIR)],
  ['unstable', 'somebody who lies', shot(LYING)],
  ['loaded-hand', 'hands that hang', shot({})],
  ['feet-drawn-up', 'feet that stand', shot({})],
  [
    'elbow-at-lens',
    'elbows out of the frame',
    shot({}, { heightM: 1.65, distanceM: 0.9, focalLengthMm: 85 }),
  ],
];

describe('a rule is not asked', () => {
  it.each(NOT_ASKED)('%s of %s', (id, _, scene) => {
    expect(measured(id, scene)).toEqual([]);
  });

  it.each(['far-eye-soft', 'face-from-near', 'lids-low', 'jaw-unshaped', 'square-hips', 'unstable'] as const)(
    '%s is asked of everybody who stands, whatever the body',
    (id) => {
      for (const name of PEOPLE) {
        const camera = id === 'square-hips' || id === 'unstable' ? {} : NEAR;
        const scene = { ...shot({}, camera), light: { ...LIGHT, arcDeg: 20 } };
        expect(measured(id, scene, name)).toHaveLength(1);
      }
    },
  );
});

describe('what moves is told by the shutter', () => {
  const at = (movement: number, shutterParts: number, distanceM = 5) =>
    isFound('motion-blur', {
      ...shot({ message: { ...moving, movement } }, { distanceM }),
      exposure: { ...USUAL_EXPOSURE, shutterParts },
    });

  it('a walk at a hundredth, not at a five-hundredth, nor somebody who stands still', () => {
    expect(at(0.7, 100)).toBe(true);
    expect(at(0.7, 500)).toBe(false);
    expect(at(-0.7, 100)).toBe(false);
  });

  it('whoever moves more or nearer, sooner', () => {
    expect(at(0.4, 80)).toBe(true);
    expect(at(0.4, 160)).toBe(false);
    expect(at(1, 500)).toBe(true);
    expect(at(0.7, 640, 2)).toBe(true);
  });
});

describe('the poses of the house', () => {
  const all = Object.entries(HOUSE_POSES).flatMap(([group, poses]) => poses.map((pose) => ({ group, pose })));
  const taken = (name: PersonName, { group, pose }: (typeof all)[number]): SoloShot => {
    const { points } = figureOf(standInOf(name).body, pose, { lens: viewOf(CAMERA).eye });
    const framing = group === 'head and shoulders' ? 'headAndShoulders' : 'full';
    return { pose, camera: framed(CAMERA, points, framing)!, light: LIGHT };
  };

  // measured: none of them in any pose on any body
  it.each([
    'far-eye-soft',
    'face-from-near',
    'verticals-lean',
    'lids-low',
    'brows-acting',
    'feet-against-hips',
    'feet-drawn-up',
    'square-hips',
    'level-shoulders',
    'loaded-hand',
    'elbow-at-lens',
    'unstable',
  ] as const)('have no %s, on any body', (id) => {
    const found = PEOPLE.flatMap((name) =>
      all.filter((one) => isFound(id, taken(name, one), name)).map(({ pose }) => `${name} ${pose.name}`),
    );
    expect(found).toEqual([]);
  });
});
