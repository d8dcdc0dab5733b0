import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIGHT, shotOf } from '../../../tests/support/people';
import { anyPose } from '../../../tests/support/poses';
import { carriedIn, HOUSE_POSES } from '../library';
import { neutralPose } from '../pose';
import { shotOfOne, type Shot, type SoloShot } from '../shot';
import { changeCost, poseBefore } from './cost';
import { USUAL_PACE } from './pace';

const base = shotOf();
const pace = USUAL_PACE;
const { settle, arrival, sentence } = pace;
/** The cost between two pictures of one person. */
const costOf = (from: SoloShot, to: SoloShot) =>
  changeCost(shotOfOne('runa', from), shotOfOne('runa', to), pace);

describe('what a change costs', () => {
  it('is only the settling where nothing changes', () => {
    expect(costOf(base, base)).toEqual({
      totalS: settle,
      poseS: settle,
      cameraS: 0,
      lightS: 0,
      furnitureS: 0,
      gear: [],
      arrivals: 0,
      sentences: 0,
    });
  });

  it('grows with what differs, and a big turn is no more than a small one', () => {
    const turned = (settings: Parameters<typeof shotOf>[0]) => costOf(base, shotOf(settings)).sentences;
    expect(turned({ hipsTurnLeftDeg: 20 })).toBeGreaterThan(1);
    expect(turned({ hipsTurnLeftDeg: 20, leftWeightShare: 0.8 })).toBeGreaterThan(
      turned({ hipsTurnLeftDeg: 20 }),
    );
    expect(turned({ hipsTurnLeftDeg: 180 })).toBe(turned({ hipsTurnLeftDeg: 20 }));
  });

  it('goes by the sentences that were found, where they were', () => {
    const [from, to] = [base, shotOf({ hipsTurnLeftDeg: 20 })].map((s) => shotOfOne('runa', s)) as [
      Shot,
      Shot,
    ];
    expect(changeCost(from, to, pace, 3).poseS).toBe(settle + 3 * sentence);
    expect(changeCost(from, to, { ...pace, sentence: 10, settle: 1 }, 3).poseS).toBe(31);
    expect(changeCost(from, to, pace, 0).poseS).toBe(settle);
  });

  it('is never estimated at more than nine sentences', () => {
    const all = Object.values(HOUSE_POSES).flat();
    const counts = all.flatMap((a) =>
      all.map((b) => costOf({ ...base, pose: a }, { ...base, pose: b }).sentences),
    );
    expect(Math.max(...counts)).toBeLessThanOrEqual(9);
  });

  it('counts another support, getting up, and what has to be carried there', () => {
    const chair = { ...base, pose: HOUSE_POSES.chair![0]! };
    const stool = {
      ...base,
      pose: HOUSE_POSES['stool, bench or armchair']!.find((p) => p.objects?.[0]?.kind === 'stool')!,
    };
    const { carried, rising, furniture } = pace;
    const sat = costOf(base, chair);
    expect(sat.poseS).toBeCloseTo(settle + carried + rising + sentence * sat.sentences, 9);
    expect(sat).toMatchObject({ furnitureS: furniture, gear: [{ kind: 'furniture', pieces: 1 }] });
    // the chair goes and the stool comes; one stays seated
    const changed = costOf(chair, stool);
    expect(changed.furnitureS).toBe(2 * furniture);
    expect(changed.poseS).toBeCloseTo(settle + carried + sentence * changed.sentences, 9);
    // one that is put elsewhere is carried once
    const [piece] = chair.pose.objects!;
    const moved = {
      ...chair,
      pose: { ...chair.pose, objects: [{ ...piece!, left: 0.4 } as typeof piece & object] },
    };
    expect(costOf(chair, moved).furnitureS).toBe(furniture);
  });

  it.each([
    ['another lens', { focalLengthMm: 50 }, pace.lens, [{ kind: 'lens' as const, focalLengthMm: 50 }]],
    [
      'another sensor',
      { sensor: 'apsC15' as const },
      pace.lens,
      [{ kind: 'lens' as const, focalLengthMm: 85 }],
    ],
    ['two metres nearer', { distanceM: 3 }, pace.moveCamera + 2 * pace.perMetre, []],
    ['a lower camera', { heightM: 0.6 }, pace.height, []],
    ['the frame turned', { orientation: 'landscape' as const }, pace.orientation, []],
    ['another aperture', { apertureF: 2.8 }, pace.aperture, []],
  ])('counts %s', (_, camera, seconds, gear) => {
    const cost = costOf(base, shotOf({}, camera));
    expect(cost.cameraS).toBeCloseTo(seconds, 9);
    expect(cost.gear).toEqual(gear);
    expect(cost.poseS).toBe(settle);
  });

  it('counts the walk along the arc', () => {
    const cost = costOf(base, shotOf({}, { arcDeg: 36 }));
    const walkedM = (36 / 180) * Math.PI * base.camera.distanceM;
    expect(cost.cameraS).toBeCloseTo(pace.moveCamera + pace.perMetre * walkedM, 9);
  });

  it('takes the shorter way round, for the camera and for the whole body', () => {
    const at = (arcDeg: number, hipsTurnLeftDeg: number) => shotOf({ hipsTurnLeftDeg }, { arcDeg });
    expect(costOf(at(175, 0), at(-175, 0)).cameraS).toBeCloseTo(costOf(at(5, 0), at(-5, 0)).cameraS, 9);
    expect(costOf(at(0, 180), at(0, -180)).poseS).toBe(settle);
  });

  it.each([
    ['aimed', { aim: { kind: 'aimed' as const, heightM: 1 } }],
    ['panned', { panDeg: 5 }],
    ['rolled', { rollDeg: -8 }],
  ])('counts a camera that is %s', (_, camera) => {
    expect(costOf(base, shotOf({}, camera)).cameraS).toBe(pace.turnCamera);
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
    expect(costOf(base, moved)).toMatchObject({ lightS: pace.light, gear: [{ kind: 'light', stands: 1 }] });
  });

  it('counts every stand that is put up, moved or taken away', () => {
    const rim = { id: 'a', kind: 'strip' as const, arcDeg: 150, heightM: 2, distanceM: 1.5, sizeM: 1.2 };
    const panel = { ...rim, id: 'b', kind: 'white' as const, arcDeg: -70 };
    const lit = (others: (typeof rim | typeof panel)[]) => ({ ...base, light: { ...LIGHT, others } });
    const stands = (from: typeof base, to: typeof base) => costOf(from, to).lightS / pace.light;
    expect(stands(base, lit([rim, panel]))).toBe(2);
    expect(stands(lit([rim, panel]), lit([{ ...rim }, { ...panel, heightM: 1 }]))).toBe(1);
    expect(stands(lit([rim]), lit([{ ...rim }]))).toBe(0);
    expect(stands(lit([rim]), { ...base, light: { ...LIGHT, arcDeg: 10 } })).toBe(2);
  });

  it('is the sum of its parts and never below the settling', () => {
    fc.assert(
      fc.property(anyPose, anyPose, (a, b) => {
        const cost = costOf({ ...base, pose: a }, { ...base, pose: b });
        expect(cost.totalS).toBeCloseTo(cost.poseS + cost.cameraS + cost.lightS + cost.furnitureS, 9);
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
    const cost = changeCost(of('runa', turned), of('joss', turned), pace);
    expect(cost.arrivals).toBe(1);
    const alone = changeCost(
      of('joss', { ...turned, pose: neutralPose('arrives') }),
      of('joss', turned),
      pace,
    );
    expect(cost.poseS).toBeCloseTo(alone.poseS + arrival, 9);
    expect(poseBefore(of('runa', turned), 'joss')).toEqual(neutralPose('arrives'));
    expect(poseBefore(of('runa', turned), 'runa').settings).toEqual(turned.pose.settings);
  });

  it('everybody in the picture is settled, and who stays is not posed anew', () => {
    expect(changeCost(both, both, pace).poseS).toBe(2 * settle);
    const cost = changeCost(of('runa', turned), both, pace);
    expect(cost.arrivals).toBe(1);
    expect(cost.poseS - 2 * settle - arrival).toBeCloseTo(
      changeCost(of('runa', turned), of('joss', turned), pace).poseS - settle - arrival,
      9,
    );
  });

  it('nothing is said to one who leaves', () => {
    expect(changeCost(both, of('runa', turned), pace).totalS).toBe(settle);
  });
});
