import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import type { BodyProfile } from '../../body';
import { mirrorPose } from '../../pose';
import { HOUSE_POSES } from '..';
import { goesWithOutfit, outfitsToMind } from './outfit';

const ALL = Object.values(HOUSE_POSES).flat();
const plain = profileOf();
const wearing = (outfit: Partial<BodyProfile['outfit']>): BodyProfile => ({
  ...plain,
  outfit: { ...plain.outfit, ...outfit },
});
const { tone } = plain.outfit.bottom;
const skirt = wearing({ bottom: { cut: 'skirt', tone } });
const dress = wearing({ top: { cut: 'dress', tone } });
const heels = wearing({ shoes: { heelM: 0.08, tone } });
const leftOut = (profile: BodyProfile) => ALL.filter((p) => !goesWithOutfit(profile, p)).map((p) => p.name);

describe('what is worn', () => {
  it('speaks against nothing where it is trousers and flat shoes', () => {
    expect(outfitsToMind(plain)).toEqual([]);
    expect(leftOut(plain)).toEqual([]);
    expect(leftOut(wearing({ shoes: { heelM: 0.03, tone } }))).toEqual([]);
  });

  it('speaks against open knees and a raised foot where it is a skirt or a dress', () => {
    const out = leftOut(skirt);
    expect(out).toEqual(expect.arrayContaining(['Over the backrest', 'Crew meeting', 'One knee up']));
    expect(out).toEqual(
      expect.arrayContaining(['One foot up', 'Heel on the seat', 'Legs folded', 'Sofa edge']),
    );
    expect(leftOut(dress)).toEqual(out);
    expect(outfitsToMind(dress)).toEqual(['skirt']);
  });

  it('leaves what is done in a skirt: legs to one side or crossed, kneeling low, standing, a rail, a wheelchair', () => {
    const out = new Set(leftOut(skirt));
    for (const name of ['Folded to one side', 'Knee over knee', 'Low kneel', 'Plain and tall', 'High stool'])
      expect(out, name).not.toContain(name);
    expect(out).not.toContain('Calling the stroke');
    // of every height enough is left
    expect(ALL.length - out.size).toBeGreaterThan(60);
  });

  it('speaks against walking and a foot on the ball where heels are high', () => {
    const out = leftOut(heels);
    expect(out).toEqual(expect.arrayContaining(['Along the quay', 'Foot on the ball', 'Past the boats']));
    expect(out).not.toContain('Plain and tall');
    expect(out.length).toBeLessThan(10);
  });

  it('asks both sides alike', () => {
    for (const profile of [skirt, heels])
      for (const pose of ALL)
        expect(goesWithOutfit(profile, mirrorPose(pose)), pose.name).toBe(goesWithOutfit(profile, pose));
  });
});
