import { describe, expect, it } from 'vitest';
import { shotOf, standInOf } from '../../../../tests/support/people';
import { PARTS } from '../../body';
import { bodyOf } from '../../../../tests/support/people';
import { withContact } from '../../pose';
import { SIDES } from '../../units';
import { createStandIn, develop, seeShot } from '..';
import type { SoloShot } from '../../shot';
import { keptSurface } from '../../../../tests/support/surfaces';

const standIn = standInOf('average');
const see = (shot: SoloShot) => seeShot(standIn, shot);
const readings = (shot: SoloShot) => see(shot).readings;

describe('the picture of a figure', () => {
  it('shows face, trunk and all limbs from the front', () => {
    const { shares } = readings(shotOf());
    for (const part of PARTS.filter((p) => p !== 'ground' && !p.endsWith(':eye')))
      expect(shares.get(part)?.pixels ?? `${part} is not seen`).toBeGreaterThan(10);
  });

  it('grows with focal length and shrinks with distance, and only distance makes proportions', () => {
    const pixels = (camera: Partial<SoloShot['camera']>) => {
      const { picture, readings: r } = see(shotOf({}, camera));
      return {
        all: picture.label.filter((l) => l > 0).length,
        knee: r.shares.get('left:knee')!.enlargement!,
      };
    };
    const base = pixels({ focalLengthMm: 50, distanceM: 5 });
    const longer = pixels({ focalLengthMm: 85, distanceM: 5 });
    expect(longer.all / base.all).toBeCloseTo((85 / 50) ** 2, 1);
    expect(longer.knee).toBeCloseTo(base.knee, 1);
    const near = pixels({
      focalLengthMm: 24,
      distanceM: 1.7,
      heightM: 0.5,
      aim: { kind: 'aimed', heightM: 0.9 },
    });
    expect(near.knee).toBeGreaterThan(base.knee * 1.3);
  });

  it('is the same each time, and after other pictures', () => {
    const first = see(shotOf({ hipsTurnLeftDeg: 20 })).picture.label.slice();
    see(shotOf({ leftArmForwardDeg: 90 }, { arcDeg: 120 }));
    expect([...see(shotOf({ hipsTurnLeftDeg: 20 })).picture.label]).toEqual([...first]);
  });

  it('is larger in landscape format by the turned frame', () => {
    const { picture } = see(shotOf({}, { orientation: 'landscape' }));
    expect([picture.width, picture.height]).toEqual([240, 160]);
  });
});

describe('daylight', () => {
  it('opens as the arm goes out, in centimetres', () => {
    const gap = (deg: number) =>
      readings(shotOf({ leftArmOutDeg: deg, leftElbowBendDeg: 24 })).daylight.left!.gapCm;
    expect(gap(14)).toBeGreaterThan(gap(8));
    expect(gap(22)).toBeGreaterThan(gap(14) + 2);
    expect(gap(22)).toBeLessThan(25);
  });

  it('is the same for both sides of a symmetrical stance', () => {
    const { daylight } = readings(shotOf());
    expect(Math.abs(daylight.left!.gapCm - daylight.right!.gapCm)).toBeLessThan(0.7);
  });

  it('does not depend on the lens', () => {
    const gap = (focalLengthMm: number) =>
      readings(shotOf({ leftArmOutDeg: 20 }, { focalLengthMm })).daylight.left!.gapCm;
    expect(Math.abs(gap(50) - gap(100))).toBeLessThan(2);
  });
});

describe('hands', () => {
  it('are compared with the face and told by the side they show', () => {
    const { hands } = readings(shotOf({ leftForearmTurnDeg: 80 }));
    expect(hands.left!.shows).toBe('palm');
    expect(readings(shotOf({ leftForearmTurnDeg: -80 })).hands.left!.shows).toBe('back');
    expect(hands.left!.ofFace).toBeGreaterThan(0.2);
    expect(hands.left!.ofFace).toBeLessThan(1.4);
  });

  it('grow towards the lens', () => {
    const camera = { distanceM: 2, heightM: 1.3, focalLengthMm: 50 };
    const { shares } = readings(shotOf({ leftArmForwardDeg: 85, leftElbowBendDeg: 5 }, camera));
    expect(shares.get('left:hand')!.enlargement).toBeGreaterThan(1.4);
    expect(readings(shotOf({}, camera)).shares.get('left:hand')!.enlargement).toBeLessThan(1.15);
  });
});

describe('the edge of the frame', () => {
  // the frame's lower edge is put through each height of a standing figure of 1.75 m
  const cutAt = (heightM: number) => {
    const distanceM = 4;
    const half = (36 / (2 * 85)) * distanceM;
    return readings(shotOf({}, { distanceM, heightM: heightM + half })).cuts.filter(
      (c) => c.edge === 'bottom',
    );
  };
  it.each([
    [0.05, 'foot', 'joint'],
    [0.46, 'knee', 'joint'],
    [0.3, 'below the knee', 'good'],
    [0.68, 'mid-thigh', 'good'],
    [0.93, 'hips', 'wide'],
    [1.12, 'waist', 'good'],
  ])('at %d m goes through the %s', (heightM, where, kind) => {
    expect(cutAt(heightM)).toContainEqual({ edge: 'bottom', where, kind });
  });

  it('cuts nothing where the whole figure is in the frame', () => {
    expect(readings(shotOf({}, { distanceM: 6.5 })).cuts).toEqual([]);
  });
});

describe('lines', () => {
  it('tilt with hips and shoulders, the sitter’s left up positive', () => {
    const level = readings(shotOf());
    expect(Math.abs(level.lineDeg.shoulders)).toBeLessThan(0.5);
    expect(Math.abs(level.lineDeg.hips)).toBeLessThan(0.5);
    expect(readings(shotOf({ shouldersLeftUpDeg: 8 })).lineDeg.shoulders).toBeGreaterThan(4);
    expect(readings(shotOf({ shouldersLeftUpDeg: -8 })).lineDeg.shoulders).toBeLessThan(-4);
    expect(readings(shotOf({ leftWeightShare: 0.8, rightKneeBendDeg: 25 })).lineDeg.hips).toBeGreaterThan(1);
  });
});

describe('eyes', () => {
  it('show their iris in the middle when nose and eyes point at the lens', () => {
    const shot = shotOf({}, { heightM: 1.63 });
    for (const side of SIDES) {
      const eye = readings(shot).eyes[side]!;
      expect(eye.iris + eye.whiteLeft + eye.whiteRight).toBeCloseTo(1, 9);
      expect(eye.iris).toBeGreaterThan(0.4);
      expect(Math.abs(eye.whiteLeft - eye.whiteRight)).toBeLessThan(0.12);
    }
  });

  it('show white on the side away from the lens', () => {
    const turnedLeft = readings(shotOf({ headTurnLeftDeg: 25 })).eyes.left!;
    expect(turnedLeft.whiteLeft).toBeGreaterThan(turnedLeft.whiteRight + 0.3);
    const turnedRight = readings(shotOf({ headTurnLeftDeg: -25 })).eyes.left!;
    expect(turnedRight.whiteRight).toBeGreaterThan(turnedRight.whiteLeft + 0.3);
  });

  it('are not reported for a head seen from behind', () => {
    expect(readings(shotOf({}, { arcDeg: 180 })).eyes).toEqual({});
  });
});

describe('jaw and neck', () => {
  it('part as the face comes forward and melt as the chin goes back', () => {
    const step = (cm: number) => readings(shotOf({ faceForwardCm: cm })).jawShare!;
    expect(step(3)).toBeGreaterThan(step(0) + 0.08);
    expect(step(0)).toBeGreaterThan(step(-3) + 0.08);
    // at ease the jaw is as clear as it is at ease
    expect(Math.abs(step(0) - 1)).toBeLessThan(0.05);
  });

  it('are not measured from behind', () => {
    expect(readings(shotOf({}, { arcDeg: 180 })).jawShare).toBeNull();
  });
});

describe('a camera inside the sitter', () => {
  it.each([0.31, 0.45])('is refused in words when an arm is stretched to it at %d m', (distanceM) => {
    const stretched = { leftArmForwardDeg: 85, leftElbowBendDeg: 4 };
    const shot = shotOf(stretched, { distanceM, heightM: 1.4, arcDeg: 30 });
    expect(() => see(shot)).toThrow(
      new RegExp(
        `^camera.distanceM ${distanceM} puts the lens 0\\.\\d+ m from the sitter; keep 0.25 m clear`,
      ),
    );
    expect(see(shotOf(stretched, { distanceM: 1.2, heightM: 1.4, arcDeg: 30 })).figure).toBeDefined();
  });
});

describe('the developed picture', () => {
  const tiny = createStandIn(bodyOf('average'), keptSurface(bodyOf('average'), 'measured'));
  const meanOf = (shot: SoloShot, keep: (x: number) => boolean): number => {
    const { picture } = seeShot(tiny, shot, { lit: true });
    const bytes = develop(picture, tiny.surface, tiny.skinned);
    let sum = 0;
    let count = 0;
    picture.label.forEach((label, i) => {
      if (PARTS[label] !== 'face' || !keep(i % picture.width)) return;
      sum += bytes[i * 4 + 1]!;
      count++;
    });
    return sum / count;
  };

  it('is lit from the side of the key', () => {
    const shot = { ...shotOf(), light: { ...shotOf().light, arcDeg: 75, ambientShare: 0.1 } };
    const { picture, figure, view } = see(shot);
    expect(figure.points.nose[0]).toBeCloseTo(0, 2);
    expect(view.eye[0]).toBeCloseTo(0, 6);
    const middle = picture.width / 2;
    expect(meanOf(shot, (x) => x > middle)).toBeGreaterThan(meanOf(shot, (x) => x < middle) * 1.25);
  });

  it('brightens with the ambient light', () => {
    const lit = (ambientShare: number) =>
      meanOf({ ...shotOf(), light: { ...shotOf().light, ambientShare } }, () => true);
    expect(lit(0.8)).toBeGreaterThan(lit(0.05) + 5);
  });

  it('needs light', () => {
    const { picture } = see(shotOf());
    expect(() => develop(picture, standIn.surface, standIn.skinned)).toThrow(/light/);
  });
});

it('a hand in the pocket is hidden, and its arm is still measured', () => {
  const shot = { ...shotOf(), pose: withContact(shotOf().pose, 'right', 'frontPocket') };
  const { shares } = readings(shot);
  const whole = readings(shotOf()).shares.get('right:hand')!.pixels;
  expect(shares.get('right:hand')?.pixels ?? 0).toBeLessThan(whole * 0.75);
  expect(shares.get('right:forearm')!.pixels).toBeGreaterThan(20);
});
