import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import type { BodyProfile } from '../body';
import { carriedIn } from '../library';
import { neutralPose, withContact, withSetting, type Pose } from '../pose';
import { CLOTH_QUESTIONS, clothQuestions } from './clothQuestions';

const plain = profileOf({ hair: 'short' });
const { tone } = plain.outfit.bottom;
const wearing = (
  outfit: Partial<BodyProfile['outfit']>,
  hair: BodyProfile['hair'] = 'short',
): BodyProfile => ({
  ...plain,
  hair,
  outfit: { ...plain.outfit, ...outfit },
});
const standing = neutralPose('x');
const seated = carriedIn(standing, 'sit');
const asked = (profile: BodyProfile, pose: Pose = standing) => clothQuestions([{ profile, pose }]);

describe('what is asked of hair and cloth', () => {
  it('is little of short hair, a plain shirt and trousers', () => {
    expect(asked(plain)).toEqual(['strayHair', 'pocketsEmpty']);
  });

  it('is of the jacket where there is one, and whether it is open where one sits', () => {
    const closed = wearing({ jacket: { worn: 'closed', tone } });
    expect(asked(closed)).toEqual(['strayHair', 'jacketSmooth', 'sleevesEven', 'pocketsEmpty']);
    expect(asked(closed, seated)).toContain('jacketUnbuttoned');
    expect(asked(wearing({ jacket: { worn: 'open', tone } }), seated)).not.toContain('jacketUnbuttoned');
    expect(asked(plain, seated)).not.toContain('jacketUnbuttoned');
  });

  it('is of the collar where the head comes forward', () => {
    const shirt = wearing({ top: { cut: 'shirt', tone } });
    const forward = withSetting(standing, 'faceForwardCm', 2);
    expect(asked(shirt, forward)).toContain('collarGap');
    expect(asked(shirt)).not.toContain('collarGap');
    expect(asked(plain, forward)).not.toContain('collarGap');
  });

  it('is not of pockets that hands are in, nor of a dress that has none', () => {
    expect(asked(plain, withContact(standing, 'left', 'frontPocket'))).not.toContain('pocketsEmpty');
    expect(asked(wearing({ top: { cut: 'dress', tone } }))).toEqual(['strayHair', 'hemStraight']);
    expect(asked(wearing({ bottom: { cut: 'skirt', tone } }))).toEqual(['strayHair', 'hemStraight']);
  });

  it('is of long hair, of glasses, of a scarf and not the hair under it, and of heels where one stands', () => {
    expect(asked(wearing({}, 'long'))).toContain('hairOverEye');
    expect(asked(wearing({}, 'none'))).not.toContain('strayHair');
    expect(asked(wearing({ glasses: { tone } }))).toContain('glassesStraight');
    const scarf = asked(wearing({ headScarf: { tone } }));
    expect(scarf).toContain('scarfEdge');
    expect(scarf).not.toContain('strayHair');
    const heels = wearing({ shoes: { heelM: 0.08, tone } });
    expect(asked(heels)).toContain('heelsSteady');
    expect(asked(heels, seated)).not.toContain('heelsSteady');
  });

  it('is asked once of several, in one order from the head down', () => {
    const all = clothQuestions([
      { profile: wearing({ bottom: { cut: 'skirt', tone } }, 'long'), pose: standing },
      { profile: wearing({ jacket: { worn: 'closed', tone } }), pose: seated },
      { profile: plain, pose: standing },
    ]);
    expect(new Set(all).size).toBe(all.length);
    expect(all).toEqual(CLOTH_QUESTIONS.filter((id) => all.includes(id)));
    expect(all).toEqual(expect.arrayContaining(['hairOverEye', 'jacketUnbuttoned', 'hemStraight']));
    expect(clothQuestions([])).toEqual([]);
  });
});
