import { describe, expect, it } from 'vitest';
import { volumeM3 } from '../../../../tests/support/mesh';
import { bodyOf, standInOf } from '../../../../tests/support/people';
import { carriedIn, HOUSE_POSES } from '../../library';
import { PARTS } from '../../body';
import { neutralPose, withSetting } from '../../pose';
import { placedDistance, placeSupport, solidsOf, supportAt } from '../../scene';
import { figureOf } from '../figureOf';
import { pressFlesh } from './flesh';
import { boneDistance } from '../clearances/limbDistance';
import { createSkinned, skinSurface } from './skinning';

const LENS = { lens: [0, 1.2, 4] as [number, number, number] };

function seated(name: 'average' | 'heavy') {
  const body = bodyOf(name);
  const { surface } = standInOf(name);
  const pose = carriedIn(neutralPose('x'), 'sit');
  const skinned = createSkinned(surface);
  skinSurface(surface, figureOf(body, pose, LENS).transforms, skinned);
  return { surface, skinned, objects: pose.objects! };
}

describe.each(['average', 'heavy'] as const)('flesh of the %s body on a hard seat', (name) => {
  const { surface, skinned, objects } = seated(name);
  const before = skinned.positions.slice();
  const volumeBefore = volumeM3(surface, before);
  const pressed = pressFlesh(surface, skinned, objects);

  it('is pressed flat: nothing soft is left in the seat', () => {
    expect(pressed.deepestM).toBeGreaterThan(0.003);
    expect(pressed.deepestM).toBeLessThan(0.06);
    const solids = solidsOf(objects.map(placeSupport));
    const seat = solids[0]!;
    let deepest = 0;
    for (let v = 0; v < surface.labels.length; v++) {
      const p = [0, 1, 2].map((c) => skinned.positions[v * 3 + c]!);
      deepest = Math.max(deepest, -placedDistance(seat, p));
    }
    expect(deepest).toBeLessThan(0.006);
  });

  it('widens by what was displaced, within a fifth', () => {
    expect(pressed.displacedM3).toBeGreaterThan(1e-5);
    expect(Math.abs(pressed.swollenM3 / pressed.displacedM3 - 1)).toBeLessThan(0.2);
    const lost = volumeBefore - volumeM3(surface, skinned.positions);
    expect(Math.abs(lost)).toBeLessThan(0.2 * pressed.displacedM3);
  });
});

it('leaves one who touches nothing as they are, and a cushion gives way before the flesh does', () => {
  const { surface } = standInOf('average');
  const skinned = createSkinned(surface);
  const standing = HOUSE_POSES.standing![0]!;
  skinSurface(surface, figureOf(bodyOf('average'), standing, LENS).transforms, skinned);
  const before = skinned.positions.slice();
  expect(pressFlesh(surface, skinned, []).displacedM3).toBe(0);
  expect(pressFlesh(surface, skinned, [supportAt('chair', { leftM: 2 })]).displacedM3).toBe(0);
  expect(skinned.positions).toEqual(before);
  const on = (kind: 'bench' | 'sofa') => {
    const pose = { ...carriedIn(neutralPose('x'), 'sit'), objects: [supportAt(kind)] };
    skinSurface(surface, figureOf(bodyOf('average'), pose, LENS).transforms, skinned);
    return pressFlesh(surface, skinned, pose.objects).deepestM;
  };
  expect(on('sofa')).toBeLessThan(on('bench'));
});

describe('flesh under arms that are held against it', () => {
  const { surface } = standInOf('heavy');
  const skinned = createSkinned(surface);
  const folded = HOUSE_POSES.standing!.find((p) => p.name === 'Folded arms')!;
  const { transforms, rods } = figureOf(bodyOf('heavy'), folded, LENS);
  skinSurface(surface, transforms, skinned);
  // the skin under the shirt, which ends within the trunk, is not what gives way
  const { tone } = bodyOf('heavy').profile.outfit.top;
  const trunk = [...surface.labels.keys()].filter(
    (v) =>
      /chest|waist/.test(PARTS[surface.labels[v]!]!) && Math.abs(surface.colours[v * 3]! - tone[0]) < 0.01,
  );
  /** How much of the trunk's skin lies inside a lower arm or a hand. */
  const inArms = () =>
    trunk.filter((v) => {
      const p = [0, 1, 2].map((c) => skinned.positions[v * 3 + c]!) as [number, number, number];
      const inM = Math.max(...rods.map((r) => -boneDistance(p, r.from, r.to, r.fromRadiusM, r.toRadiusM)));
      return inM > 0.005 && inM < 0.03;
    }).length;
  const before = inArms();
  const pressed = pressFlesh(surface, skinned, [], rods);

  it('is pressed out of them and widens beside them by what was displaced, within a fifth', () => {
    expect(before).toBeGreaterThan(10);
    // what stays lies where the arms cross deepest
    expect(inArms()).toBeLessThan(before * 0.3);
    expect(pressed.displacedM3).toBeGreaterThan(1e-6);
    expect(Math.abs(pressed.swollenM3 / pressed.displacedM3 - 1)).toBeLessThan(0.2);
  });

  it('is left alone under arms that hang free', () => {
    const open = withSetting(withSetting(neutralPose('x'), 'leftArmOutDeg', 40), 'rightArmOutDeg', 40);
    const free = figureOf(bodyOf('heavy'), open, LENS);
    skinSurface(surface, free.transforms, skinned);
    expect(pressFlesh(surface, skinned, [], free.rods).displacedM3).toBe(0);
  });
});
