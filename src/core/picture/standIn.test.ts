import { describe, expect, it } from 'vitest';
import { figureOf } from '../figure';
import { viewOf } from '../camera';
import { neutralPose, type Gaze } from '../pose';
import { createStandIn, seeShot } from '.';
import type { SoloShot } from '../shot';
import { plainGround } from '../scene';
import { bodyOf, CAMERA, LIGHT, standInOf, type PersonName } from '../../../tests/support/people';

const GAZES: Gaze[] = [{ kind: 'lens' }, { kind: 'hand', side: 'left' }, { kind: 'down' }];

describe.each(['slight', 'average', 'heavy'] as PersonName[])('a %s sitter seen from elsewhere', (name) => {
  const { surface } = standInOf(name);
  const shotFrom = (arcDeg: number, gaze: Gaze): SoloShot => ({
    pose: { ...neutralPose('looks'), gaze, settings: { headTurnLeftDeg: 15 } },
    camera: { ...CAMERA, arcDeg },
    light: LIGHT,
  });

  it.each(GAZES)('turns the eyes alone, and is as if posed anew ($kind)', (gaze) => {
    const [kept, fresh] = [createStandIn(bodyOf(name), surface), createStandIn(bodyOf(name), surface)];
    const before = seeShot(kept, shotFrom(0, gaze));
    const labels = before.picture.label;
    const after = seeShot(kept, shotFrom(25, gaze));
    const anew = seeShot(fresh, shotFrom(25, gaze));
    expect(after.figure.transforms).toEqual(
      figureOf(bodyOf(name), shotFrom(25, gaze).pose, { lens: viewOf(shotFrom(25, gaze).camera).eye })
        .transforms,
    );
    expect(after.figure.unreached).toEqual(anew.figure.unreached);
    expect(after.picture.label).toEqual(anew.picture.label);
    expect(after.picture.label).not.toEqual(labels);
    expect(after.readings).toEqual(anew.readings);
    const off = kept.skinned.positions.map((v, i) => Math.abs(v - fresh.skinned.positions[i]!));
    expect(Math.max(...off)).toBeLessThan(1e-6);
  });

  it('keeps the shadows of a lamp that stands and the light on a face, and casts those of one that moved or of another pose anew', () => {
    const [kept, fresh] = [createStandIn(bodyOf(name), surface), createStandIn(bodyOf(name), surface)];
    const others: SoloShot['light']['others'] = [
      { id: 'rim', kind: 'strip', arcDeg: 150, heightM: 2, distanceM: 1.5, sizeM: 1.2, powerStops: 0 },
    ];
    const first: SoloShot = { ...shotFrom(0, { kind: 'lens' }), light: { ...LIGHT, others } };
    const keyMoved: SoloShot = { ...first, light: { ...first.light, arcDeg: -50 } };
    const posedElse: SoloShot = { ...keyMoved, pose: { ...keyMoved.pose, settings: { twistLeftDeg: 30 } } };
    const lit = { lit: true, ground: plainGround(2.4) };
    for (const shot of [first, shotFrom(25, { kind: 'lens' }), first, keyMoved, posedElse, first]) {
      const { picture, face } = seeShot(kept, shot, lit);
      fresh.memory.shadows = [];
      fresh.litFace = undefined;
      const anew = seeShot(fresh, shot, lit);
      expect(picture.light).toEqual(anew.picture.light);
      expect(face()).toEqual(anew.face());
    }
  });

  it('leaves the figure that was seen before as it was', () => {
    const standIn = createStandIn(bodyOf(name), surface);
    const { figure } = seeShot(standIn, shotFrom(0, { kind: 'lens' }));
    const transforms = figure.transforms.slice();
    seeShot(standIn, shotFrom(25, { kind: 'lens' }));
    expect(figure.transforms).toEqual(transforms);
  });

  it('is read late as it would have been at once', () => {
    const standIn = createStandIn(bodyOf(name), surface);
    const [first, second] = [shotFrom(0, { kind: 'lens' }), shotFrom(40, { kind: 'down' })];
    const atOnce = seeShot(standIn, first).readings;
    const late = seeShot(standIn, first);
    void seeShot(standIn, { ...second, pose: neutralPose('other') }).readings;
    expect(late.readings).toEqual(atOnce);
  });
});
