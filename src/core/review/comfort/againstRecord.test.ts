import { describe, expect, it } from 'vitest';
import { CAMERA, PROFILES, profileOf, shotOf } from '../../../../tests/support/people';
import { keptSurface } from '../../../../tests/support/surfaces';
import { mend } from '../../adapt';
import { bodyFrom, BOUNDARY_NAMES, type BodyProfile, type Boundary } from '../../body';
import { standardIn, standardOf, type SchoolId } from '../../brief';
import { createStandIn, seeShot, type StandIn } from '../../picture';
import { neutralPose, on, RECORD_WORDS, type Pose, type RecordLimit } from '../../pose';
import { OWN_MARK, supportAt, usualCarry } from '../../scene';
import { amongOthers, shotOfOne, withAnother, withMark, type SoloShot } from '../../shot';
import { review, type Finding } from '../review';

type Says = Pick<BodyProfile, 'boundaries' | 'motionLimits'>;
const surfaces = new Map<string, ReturnType<typeof keptSurface>>();
/** Somebody with a body of the three, and a record that says something. */
function saying(says: Says, who: keyof typeof PROFILES = 'average'): StandIn {
  const body = bodyFrom({ ...PROFILES[who], ...says });
  if (!surfaces.has(who)) surfaces.set(who, keptSurface(bodyFrom(PROFILES[who]), 'measured'));
  return createStandIn(body, surfaces.get(who)!);
}
function against(standIn: StandIn, shot: SoloShot): Finding[] {
  return review(seeShot(standIn, shot), standardOf(shot.pose.message)).filter(
    (f) => f.ruleId === 'against-record',
  );
}
const shot = (said: Partial<Pose>, camera: Partial<SoloShot['camera']> = {}): SoloShot => ({
  ...shotOf({}, camera),
  pose: { ...neutralPose('x'), ...said },
});
const LYING: Partial<Pose> = { support: 'reclineBack' };
const ON_SOFA: Partial<Pose> = { ...LYING, on: 'seat', objects: [supportAt('sofa')] };
const NEAR = { distanceM: 1.2, heightM: 1.55 };

/** What a record says, a picture that goes against it, and one that does not. */
const CASES: [RecordLimit, against: SoloShot, allowed: SoloShot][] = [
  ['usesWheelchair', shot({}), shot({ support: 'sit', objects: [supportAt('sofa')] })],
  ['cannotKneel', shot({ support: 'kneel' }), shot({ support: 'floor' })],
  ['pregnant', shot({ support: 'reclineFront' }), shot({ support: 'reclineLeft' })],
  ['noFloor', shot({ support: 'floor' }), shot(ON_SOFA)],
  ['noLying', shot(ON_SOFA), shot({ support: 'floor' })],
  ['notFromBehind', shotOf({ hipsTurnLeftDeg: 150 }), shotOf({ hipsTurnLeftDeg: 85 })],
  ['notFromBelow', shotOf({}, { heightM: 0.4 }), shotOf({}, { heightM: 1.3 })],
  ['noFaceAlone', shotOf({}, NEAR), shotOf({}, { ...NEAR, distanceM: 3, heightM: 1.3 })],
];
const sayingThat = (limit: RecordLimit): Says =>
  (BOUNDARY_NAMES as readonly RecordLimit[]).includes(limit)
    ? { boundaries: [limit as Boundary] }
    : { motionLimits: [limit as NonNullable<BodyProfile['motionLimits']>[number]] };

describe.each(['slight', 'average', 'heavy'] as const)('a picture against the record, %s', (who) => {
  it.each(CASES)('%s is told as a stop, before all else, and not where it is kept', (limit, bad, good) => {
    const standIn = saying(sayingThat(limit), who);
    const [found, ...more] = against(standIn, bad);
    expect(more).toEqual([]);
    expect(found).toMatchObject({ id: `against-record:${limit}`, grade: 'stop', isForCare: true });
    expect(found!.title).toContain(RECORD_WORDS[limit]);
    const all = review(seeShot(standIn, bad), standardOf(bad.pose.message));
    expect(all[0]!.isForCare).toBe(true);
    expect(against(standIn, good)).toEqual([]);
    // who has said nothing is asked for it
    expect(against(saying({}, who), bad)).toEqual([]);
  });
});

describe('what is against the record', () => {
  it.each(CASES.filter(([limit]) => limit.startsWith('not')))(
    '%s is mended by another view',
    (limit, bad) => {
      const standIn = saying(sayingThat(limit));
      const [found] = against(standIn, bad);
      const result = mend(standIn, bad, found!);
      expect(result.kind).toBe('mended');
      expect(result.kind === 'mended' && against(standIn, result.shot)).toEqual([]);
    },
  );

  it('is mended by no number where it is how the body is carried', () => {
    const standIn = saying({ boundaries: ['noLying'] });
    const bad = shot(ON_SOFA);
    expect(mend(standIn, bad, against(standIn, bad)[0]!)).toMatchObject({ kind: 'stuck', why: 'noNumber' });
  });

  it('is the same of somebody who is turned with the camera, and of a rolled frame', () => {
    const standIn = saying({ boundaries: ['notFromBehind', 'notFromBelow'] });
    const bad = shotOf({ hipsTurnLeftDeg: 150 }, { heightM: 0.4 });
    const ids = against(standIn, bad).map((f) => f.id);
    expect(ids).toHaveLength(2);
    const turned = {
      ...bad,
      mark: { leftM: 0, aheadM: 0, turnLeftDeg: 50 },
      camera: { ...bad.camera, arcDeg: 50 },
    };
    expect(against(standIn, turned).map((f) => f.id)).toEqual(ids);
    const rolled = { ...bad, camera: { ...CAMERA, heightM: 0.4, rollDeg: 15 } };
    expect(against(standIn, rolled).map((f) => f.id)).toEqual(ids);
  });

  it.each(['messageLed', 'noRightAngles', 'silhouette'] as SchoolId[])(
    'is silenced by no school, and by nobody’s hand: %s',
    (from) => {
      const standIn = saying({ boundaries: ['notFromBehind'] });
      const bad = shotOf({ hipsTurnLeftDeg: 150 });
      const silenced = [{ ruleId: 'against-record', reason: 'the client insists' }];
      const standard = standardIn(
        { message: null, targets: {}, schooling: { from, silenced } },
        bad.pose.message,
      );
      expect(review(seeShot(standIn, bad), standard).map((f) => f.ruleId)).toContain('against-record');
    },
  );
});

describe('no touch by others', () => {
  const people: Record<string, BodyProfile> = {
    odile: { ...PROFILES.average, boundaries: ['noTouchByOthers'] },
    joss: profileOf({ statureM: 1.8, massKg: 80 }),
  };
  const touching = (by: 'a' | 'b' | 'carried' | null) => {
    const two = withAnother(shotOfOne('odile', shotOf()), 'joss', neutralPose('x'));
    const hand = {
      ...on('right:palm', 'shoulder'),
      of: { role: by === 'a' ? 'b' : 'a', side: 'left' as const },
    };
    if (by === 'carried') return withMark(two, 'b', { ...OWN_MARK, carriedBy: usualCarry('a', 'back') });
    return {
      ...two,
      people: two.people.map((p) => (p.role === by ? { ...p, pose: { ...p.pose, contacts: [hand] } } : p)),
    };
  };
  const found = (by: Parameters<typeof touching>[0], role: 'a' | 'b') => {
    const shotOfBoth = touching(by);
    const [self, other] = role === 'a' ? ['odile', 'joss'] : ['joss', 'odile'];
    const standIn = (id: string) => {
      const body = bodyFrom(people[id]!);
      return createStandIn(body, keptSurface(bodyFrom({ ...people[id]!, boundaries: [] }), 'measured'));
    };
    const seen = standIn(self!);
    seen.company = new Map([[role === 'a' ? 'b' : 'a', standIn(other!)]]);
    return against(
      seen,
      amongOthers(shotOfBoth, role, (id) => people[id]!),
    );
  };

  it('is told of whoever is touched and of whoever touches, of the one who said it alone', () => {
    expect(found('b', 'a').map((f) => f.id)).toEqual(['against-record:noTouchByOthers']);
    expect(found('a', 'a').map((f) => f.id)).toEqual(['against-record:noTouchByOthers']);
    expect(found('carried', 'a').map((f) => f.id)).toEqual(['against-record:noTouchByOthers']);
    expect(found(null, 'a')).toEqual([]);
    expect(found('b', 'b')).toEqual([]);
  });
});
