import { describe, expect, it } from 'vitest';
import { shotOf } from '../../../tests/support/people';
import { HOUSE_POSES } from '../library';
import { neutralPose, STATIONS, withSetting } from '../pose';
import { shotOfOne, soloShot, withAnother, withSolo, type Shot } from '../shot';
import { cuesBetween, cuesOfShot } from '.';

const ONE = shotOfOne('runa', shotOf({ hipsTurnLeftDeg: 20, chinDownDeg: 6 }));
/** Another with the same turn, and a look of their own. */
function withJoss(): Shot {
  const two = withAnother(ONE, 'joss', neutralPose('x'));
  const theirs = withSetting(
    withSetting(soloShot(two, 'b').pose, 'hipsTurnLeftDeg', 20),
    'headTurnLeftDeg',
    -10,
  );
  return withSolo(two, { ...soloShot(two, 'b'), pose: theirs }, 'b');
}

describe('cues of a picture', () => {
  it('are those between two poses where it is of one', () => {
    for (const pose of Object.values(HOUSE_POSES).flat().slice(0, 12)) {
      const shot = shotOfOne('runa', { ...shotOf(), pose });
      const cues = cuesOfShot(ONE, shot);
      expect(cues.map((c) => c.text)).toEqual(cuesBetween(soloShot(ONE).pose, pose).map((c) => c.text));
      expect(cues.every((c) => c.personIds.join() === 'runa')).toBe(true);
    }
  });

  it('go floor up through everybody, and are said once to both where they are the same', () => {
    const cues = cuesOfShot(undefined, withJoss());
    expect(cues.map((c) => [c.station, c.personIds.join()])).toEqual([
      ['hips', 'runa,joss'],
      ['head', 'runa'],
      ['head', 'joss'],
    ]);
    const at = cues.map((c) => STATIONS.indexOf(c.station));
    expect(at).toEqual([...at].sort((a, b) => a - b));
  });

  it('begin from an easy stance with whoever comes in', () => {
    const cues = cuesOfShot(ONE, withJoss());
    expect(cues.map((c) => [c.text, c.personIds.join()])[0]).toEqual([
      'Step to your left, one step.',
      'runa',
    ]);
    expect(cues.slice(1).map((c) => c.personIds.join())).toEqual(['joss', 'joss']);
  });
});
