import { describe, expect, it } from 'vitest';
import { bodyFrom, HAIR_SHAPES, PARTS } from '../..';
import { profileOf, PROFILES } from '../../../../../tests/support/people';
import { keptSurface } from '../../../../../tests/support/surfaces';
import { bindToHead } from '../../bones/skeleton';
import { headModel } from '../headModel';
import { hairlineHeight } from './hairline';
import { headMapOf, SKULL_MIDDLE } from './headMap';

const CHILD = profileOf({ statureM: 1.16, massKg: 21, ageYears: 6 });
const SHAPES = HAIR_SHAPES.filter((shape) => shape !== 'none');
const HAIR = PARTS.indexOf('hair');

describe.each(SHAPES)('%s hair', (hair) => {
  it.each(Object.entries({ ...PROFILES, child: CHILD }))(
    'lies on the head of the %s sitter and leaves the face free',
    (_, profile) => {
      const body = bodyFrom({ ...profile, hair });
      const { positions, labels } = keptSurface(body, 'measured');
      const model = headModel(body.profile, body.lengths, body.fields, 1);
      const skin = headMapOf(model.mesh, body.lengths);
      const places = [...labels.keys()]
        .filter((v) => labels[v] === HAIR)
        .map((v) =>
          bindToHead(body.lengths, [positions[v * 3]!, positions[v * 3 + 1]!, positions[v * 3 + 2]!]),
        );
      // before the eyes, nose and mouth
      expect(places.filter(([x, y, z]) => Math.abs(x) < 0.2 && y > 0 && y < 0.6 && z > 0.15)).toEqual([]);
      const offSkin = places
        .filter(([, y]) => y > 0.6)
        .map(([x, y, z]) => {
          const off = [x, y - SKULL_MIDDLE[1], z - SKULL_MIDDLE[2]] as const;
          const r = Math.hypot(...off);
          return r - skin([off[0] / r, off[1] / r, off[2] / r]);
        });
      // the outer face of the sheet; scalp and inner face lie on or under the skin
      expect(offSkin.filter((off) => off > 0.004).length / offSkin.length).toBeGreaterThan(0.15);
      expect(Math.max(...offSkin)).toBeLessThan(0.26);
      expect(Math.min(...offSkin)).toBeGreaterThan(-0.06);
    },
  );
});

it('the hairline goes without a jump from the forehead over the ear to the nape', () => {
  for (const shape of SHAPES)
    for (let a = 0; a < Math.PI - 0.01; a += 0.01)
      expect(Math.abs(hairlineHeight(shape, a + 0.01) - hairlineHeight(shape, a))).toBeLessThan(0.02);
});
