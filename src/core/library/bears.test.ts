import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import { bodyFrom } from '../body';
import { lookingFrom, posedBody } from '../figure';
import { framed, FRAMINGS } from '../set';
import { project, viewOf } from '../camera';
import { CAMERA } from '../../../tests/support/people';
import { contactSide, handRegion, mirrorPose, neutralPose, on } from '../pose';
import { HOUSE_POSES } from '.';
import { bears, closestFraming } from './bears';

const ALL = Object.values(HOUSE_POSES).flat();
const standing = (...contacts: ReturnType<typeof on>[]) => ({ ...neutralPose('x'), contacts });

describe('the closest framing of a pose', () => {
  it('is as close as one likes where nothing is touched, and holds what is', () => {
    expect(closestFraming(standing())).toBe('head');
    expect(closestFraming(standing(on('left:palm', 'cheek')))).toBe('headAndShoulders');
    expect(closestFraming(standing(on('left:palm', 'lapel')))).toBe('half');
    expect(closestFraming(standing(on('left:palm', 'cheek'), on('right:palm', 'frontPocket')))).toBe(
      'threeQuarter',
    );
    expect(closestFraming({ ...standing(), support: 'reclineBack' })).toBe('full');
  });

  it('is borne with all that are wider, and with none that is closer', () => {
    const closest = closestFraming(standing(on('right:palm', 'lapel')));
    expect(FRAMINGS.filter((framing) => bears(closest, framing))).toEqual(['full', 'threeQuarter', 'half']);
  });

  it('is the same in a mirror', () => {
    for (const pose of ALL) expect(closestFraming(mirrorPose(pose))).toBe(closestFraming(pose));
  });

  // what the table says of a place, held against where the hand is in the picture that the framing makes
  it('has the hands of the standing poses in the frame', () => {
    const body = bodyFrom(profileOf());
    const cut: string[] = [];
    for (const pose of HOUSE_POSES.standing!) {
      const posed = posedBody(body, pose);
      const { points } = lookingFrom(posed, { lens: viewOf(CAMERA).eye });
      const view = viewOf(framed(CAMERA, points, closestFraming(pose))!);
      for (const contact of pose.contacts) {
        const side = contactSide(contact);
        if (!side || !handRegion(contact)) continue;
        const { x, y } = project(view, points.wrists[side]);
        if (Math.abs(x) > 1 || Math.abs(y) > 1) cut.push(`${pose.name} ${side}`);
      }
    }
    expect(cut).toEqual([]);
  });
});
