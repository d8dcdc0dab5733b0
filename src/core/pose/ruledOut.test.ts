import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import { BOUNDARY_NAMES, MOTION_LIMIT_NAMES, type BodyProfile } from '../body';
import { supportAt } from '../scene';
import { neutralPose, type Pose } from './pose';
import { isOpenTo, recordAgainst, RECORD_WORDS, ruledOutBy } from './ruledOut';

const pose = (said: Partial<Pose>): Pose => ({ ...neutralPose('x'), ...said });
const LYING = pose({ support: 'reclineBack' });
const ON_SOFA = pose({ support: 'reclineBack', on: 'seat', objects: [supportAt('sofa')] });
const WHEELS = pose({ support: 'sit', objects: [supportAt('wheelchair')] });
const KNEELING = pose({ support: 'kneel' });

const CASES: [what: string, Partial<BodyProfile>, Pose, ReturnType<typeof recordAgainst>][] = [
  ['nothing said', {}, LYING, []],
  ['the floor, lying on it', { boundaries: ['noFloor'] }, LYING, ['noFloor']],
  ['the floor, lying on a sofa', { boundaries: ['noFloor'] }, ON_SOFA, []],
  ['both, each told', { boundaries: ['noLying', 'noFloor'] }, LYING, ['noFloor', 'noLying']],
  ['what only a picture tells', { boundaries: ['notFromBehind', 'noFaceAlone'] }, LYING, []],
  ['kneeling', { motionLimits: ['cannotKneel'] }, KNEELING, ['cannotKneel']],
  [
    'a limit and a boundary',
    { motionLimits: ['cannotKneel'], boundaries: ['noFloor'] },
    KNEELING,
    ['cannotKneel', 'noFloor'],
  ],
  ['a limit of a joint, which the figure tells', { motionLimits: ['stiffNeck'] }, KNEELING, []],
  ['a wheelchair, standing', { motionLimits: ['usesWheelchair'] }, pose({}), ['usesWheelchair']],
  ['a wheelchair, on a sofa of their choice', { motionLimits: ['usesWheelchair'] }, ON_SOFA, []],
];

describe('a record against a pose', () => {
  it.each(CASES)('%s', (_, says, of, limits) => {
    expect(recordAgainst(profileOf(says), of)).toEqual(limits);
  });

  it('keeps what it is against from being proposed; and all but the own chair to who uses one', () => {
    expect(ruledOutBy(profileOf({ boundaries: ['noLying'] }), LYING)).toBe('noLying');
    expect(isOpenTo(profileOf({ boundaries: ['noLying'] }), LYING)).toBe(false);
    expect(isOpenTo(profileOf({ boundaries: ['noLying'] }), KNEELING)).toBe(true);
    const onWheels = profileOf({ motionLimits: ['usesWheelchair'] });
    expect(ruledOutBy(onWheels, ON_SOFA)).toBe('usesWheelchair');
    expect(isOpenTo(onWheels, WHEELS)).toBe(true);
    expect(isOpenTo(profileOf(), WHEELS)).toBe(false);
  });

  it('has words for all that a record can say', () => {
    for (const limit of [...BOUNDARY_NAMES, ...MOTION_LIMIT_NAMES])
      expect(RECORD_WORDS[limit]).toMatch(/^\p{Ll}/u);
  });
});
