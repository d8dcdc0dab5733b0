import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIGHT, shotOf } from '../../../tests/support/people';
import { anyPose } from '../../../tests/support/poses';
import { carriedIn } from '../library';
import { neutralPose, SETTINGS, withContact } from '../pose';
import { shotOfOne, type Shot, type SoloShot } from '../shot';
import { CHANGE_SECONDS, changeCost, poseBefore } from './cost';

const base = shotOf();
const { settle, arrival } = CHANGE_SECONDS;
/** The cost between two pictures of one person. */
const costOf = (from: SoloShot, to: SoloShot) => changeCost(shotOfOne('runa', from), shotOfOne('runa', to));

describe('what a change costs', () => {
  it('is only the settling where nothing changes', () => {
    expect(costOf(base, base)).toEqual({
      totalS: settle,
      poseS: settle,
      cameraS: 0,
      lightS: 0,
      gear: [],
      arrivals: 0,
    });
  });

  it('grows by the table’s seconds for each step of a setting', () => {
    const { step, secondsPerStep } = SETTINGS.hipsTurnLeftDeg;
    const cost = costOf(base, shotOf({ hipsTurnLeftDeg: 2 * step }));
    expect(cost.poseS).toBeCloseTo(settle + 2 * secondsPerStep, 9);
  });

  it('does not count a big turn eighteen times', () => {
    expect(costOf(base, shotOf({ hipsTurnLeftDeg: 180 })).poseS).toBe(settle + 9);
  });

  it('counts a contact, a hand and a gaze', () => {
    const pose = {
      ...withContact(base.pose, 'left', 'hipCrest' as const),
      hands: { left: 'looseFist' as const, right: 'relaxed' as const },
      gaze: { kind: 'down' as const },
    };
    const { contact, hand, gaze } = CHANGE_SECONDS;
    expect(costOf(base, { ...base, pose }).poseS).toBe(settle + contact + hand + gaze);
  });

  it.each([
    ['another lens', { focalLengthMm: 50 }, CHANGE_SECONDS.lens, ['lens 50 mm']],
    ['another sensor', { sensor: 'apsC15' as const }, CHANGE_SECONDS.lens, ['lens 85 mm']],
    ['two metres nearer', { distanceM: 3 }, CHANGE_SECONDS.moveCamera + 2 * CHANGE_SECONDS.perMetre, []],
    ['a lower camera', { heightM: 0.6 }, CHANGE_SECONDS.height, []],
    ['the frame turned', { orientation: 'landscape' as const }, CHANGE_SECONDS.orientation, []],
    ['another aperture', { apertureF: 2.8 }, CHANGE_SECONDS.aperture, []],
  ])('counts %s', (_, camera, seconds, gear) => {
    const cost = costOf(base, shotOf({}, camera));
    expect(cost.cameraS).toBeCloseTo(seconds, 9);
    expect(cost.gear).toEqual(gear);
    expect(cost.poseS).toBe(settle);
  });

  it('counts the walk along the arc', () => {
    const cost = costOf(base, shotOf({}, { arcDeg: 36 }));
    const walkedM = (36 / 180) * Math.PI * base.camera.distanceM;
    expect(cost.cameraS).toBeCloseTo(CHANGE_SECONDS.moveCamera + CHANGE_SECONDS.perMetre * walkedM, 9);
  });

  it('takes the shorter way round, for the camera and for the whole body', () => {
    const at = (arcDeg: number, hipsTurnLeftDeg: number) => shotOf({ hipsTurnLeftDeg }, { arcDeg });
    expect(costOf(at(175, 0), at(-175, 0)).cameraS).toBeCloseTo(costOf(at(5, 0), at(-5, 0)).cameraS, 9);
    expect(costOf(at(0, 170), at(0, -170)).poseS).toBeCloseTo(
      settle + 2 * SETTINGS.hipsTurnLeftDeg.secondsPerStep,
      9,
    );
    expect(costOf(at(0, 180), at(0, -180)).poseS).toBe(settle);
  });

  it.each([
    ['aimed', { aim: { kind: 'aimed' as const, heightM: 1 } }],
    ['panned', { panDeg: 5 }],
    ['rolled', { rollDeg: -8 }],
  ])('counts a camera that is %s', (_, camera) => {
    expect(costOf(base, shotOf({}, camera)).cameraS).toBe(CHANGE_SECONDS.turnCamera);
  });

  it('costs nothing that is only written otherwise', () => {
    const contact = { part: 'left:palm', to: 'seat', kind: 'rest', pressure: 'light' } as const;
    const seated = carriedIn(neutralPose('a'), 'sit');
    const spot = { left: 0.2, ahead: 0.1 };
    const one = { ...base, pose: { ...seated, contacts: [{ ...contact, spot }] } };
    const other = {
      ...base,
      pose: {
        ...seated,
        legs: { left: 'stands' as const, right: 'stands' as const },
        expression: { smile: 0 },
        contacts: [
          {
            spot: { ahead: 0.1, left: 0.2 },
            pressure: 'light' as const,
            kind: 'rest' as const,
            to: 'seat' as const,
            part: 'left:palm' as const,
          },
        ],
      },
    };
    expect(costOf(one, other)).toMatchObject({ poseS: settle });
  });

  it('counts a light that moves once, however far', () => {
    const moved = { ...base, light: { ...LIGHT, arcDeg: -40, heightM: 2 } };
    expect(costOf(base, moved)).toMatchObject({ lightS: CHANGE_SECONDS.light, gear: ['light'] });
  });

  it('counts every stand that is put up, moved or taken away', () => {
    const rim = { id: 'a', kind: 'strip' as const, arcDeg: 150, heightM: 2, distanceM: 1.5, sizeM: 1.2 };
    const panel = { ...rim, id: 'b', kind: 'white' as const, arcDeg: -70 };
    const lit = (others: (typeof rim | typeof panel)[]) => ({ ...base, light: { ...LIGHT, others } });
    const stands = (from: typeof base, to: typeof base) => costOf(from, to).lightS / CHANGE_SECONDS.light;
    expect(stands(base, lit([rim, panel]))).toBe(2);
    expect(stands(lit([rim, panel]), lit([{ ...rim }, { ...panel, heightM: 1 }]))).toBe(1);
    expect(stands(lit([rim]), lit([{ ...rim }]))).toBe(0);
    expect(stands(lit([rim]), { ...base, light: { ...LIGHT, arcDeg: 10 } })).toBe(2);
  });

  it('is the sum of its parts and never below the settling', () => {
    fc.assert(
      fc.property(anyPose, anyPose, (a, b) => {
        const cost = costOf({ ...base, pose: a }, { ...base, pose: b });
        expect(cost.totalS).toBeCloseTo(cost.poseS + cost.cameraS + cost.lightS, 9);
        expect(cost.poseS).toBeGreaterThanOrEqual(settle);
      }),
      { numRuns: 40, seed: 29 },
    );
  });
});

describe('between pictures of several', () => {
  const turned = shotOf({ hipsTurnLeftDeg: 20 });
  const of = (personId: string, solo: SoloShot): Shot => shotOfOne(personId, solo);
  const both: Shot = {
    ...of('runa', turned),
    people: [of('runa', turned).people[0]!, { ...of('joss', turned).people[0]!, role: 'b' }],
  };

  it('somebody else comes in from an easy stance, and that takes time', () => {
    const cost = changeCost(of('runa', turned), of('joss', turned));
    expect(cost.arrivals).toBe(1);
    const alone = changeCost(of('joss', { ...turned, pose: neutralPose('arrives') }), of('joss', turned));
    expect(cost.poseS).toBeCloseTo(alone.poseS + arrival, 9);
    expect(poseBefore(of('runa', turned), 'joss')).toEqual(neutralPose('arrives'));
    expect(poseBefore(of('runa', turned), 'runa').settings).toEqual(turned.pose.settings);
  });

  it('everybody in the picture is settled, and who stays is not posed anew', () => {
    expect(changeCost(both, both).poseS).toBe(2 * settle);
    const cost = changeCost(of('runa', turned), both);
    expect(cost.arrivals).toBe(1);
    expect(cost.poseS - 2 * settle - arrival).toBeCloseTo(
      changeCost(of('runa', turned), of('joss', turned)).poseS - settle - arrival,
      9,
    );
  });

  it('nothing is said to one who leaves', () => {
    expect(changeCost(both, of('runa', turned)).totalS).toBe(settle);
  });
});
