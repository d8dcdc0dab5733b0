import { describe, expect, it } from 'vitest';
import { CAMERA, LIGHT, standInOf } from '../../../../tests/support/people';
import { sourceCentre } from '../../light';
import { plainGround, type Ground } from '../../scene';
import { shownWhole } from '../../compose';
import type { SoloShot } from '../../shot';
import { HOUSE_POSES } from '..';
import { relit } from './relit';

const standIn = standInOf('average');
const POSES = Object.values(HOUSE_POSES).flat();
const START: SoloShot = {
  pose: POSES.find((p) => p.name === 'Plain and tall')!,
  camera: CAMERA,
  light: LIGHT,
};
const LYING = POSES.find((p) => p.name === 'Nobody home')!;

/** Who lies, turned on the floor, with the key as it stands to who stands. */
function lit(hipsTurnLeftDeg: number, ground?: Ground) {
  const pose = { ...LYING, settings: { ...LYING.settings, hipsTurnLeftDeg } };
  return relit(standIn, START, shownWhole(standIn, START, pose), ground);
}
const behindM = ({ shot }: ReturnType<typeof lit>) => -sourceCentre(shot.light)[2];

describe('the key of who lies with the head away from the lens', () => {
  it('goes behind, where nothing is known to be there or there is room', () => {
    expect(lit(-60).adaptations).toHaveLength(1);
    expect(behindM(lit(-60))).toBeGreaterThan(0.6);
    expect(lit(-60, plainGround(4)).shot.light).toEqual(lit(-60).shot.light);
  });

  it('stays where a wall is in the way', () => {
    const stays = lit(-60, plainGround(0.6));
    expect(stays.adaptations).toEqual([]);
    expect(stays.shot.light).toEqual(LIGHT);
  });

  it('is put before the wall where it need not go behind', () => {
    // a quarter of a metre before it, for the feet of the stand
    expect(behindM(lit(90, plainGround(0.6)))).toBeLessThan(0.35);
    expect(lit(90, plainGround(0.6)).adaptations).toHaveLength(1);
  });
});
