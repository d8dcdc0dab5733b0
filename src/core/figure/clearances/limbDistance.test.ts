import { describe, expect, it } from 'vitest';
import { bodyOf, profileOf } from '../../../../tests/support/people';
import { bodyFrom, PARTS } from '../../body';
import { HOUSE_POSES } from '../../library';
import type { Vec3 } from '../../units';
import { figureOf } from '../figureOf';
import { headDistance } from './headDistance';
import { limbDistance } from './limbDistance';
import { createSkinned, skinSurface } from '../skin/skinning';
import { keptSurface } from '../../../../tests/support/surfaces';

const bare = bodyFrom(
  profileOf({
    hair: 'none',
    outfit: {
      ...bodyOf('average').profile.outfit,
      top: { cut: 'base', tone: [0.5, 0.5, 0.5] },
      bottom: { cut: 'base', tone: [0.5, 0.5, 0.5] },
    },
  }),
);
const surface = keptSurface(bare, 'sketched');
const skinned = createSkinned(surface);

/** Points of the drawn skin of some parts in a pose. */
function skinOf(parts: RegExp): Vec3[] {
  const points: Vec3[] = [];
  for (let v = 0; v < surface.labels.length; v++)
    if (parts.test(PARTS[surface.labels[v]!]!))
      points.push([0, 1, 2].map((c) => skinned.positions[v * 3 + c]!) as Vec3);
  return points;
}

const share = (values: number[], within: number) =>
  values.filter((v) => Math.abs(v) < within).length / values.length;

describe('distance to the parts of a posed body', () => {
  it.each(['Elbow on the knee', 'Along the jetty', 'Slipway sway'])(
    '%s: is nothing on their own skin',
    (name) => {
      const pose = Object.values(HOUSE_POSES)
        .flat()
        .find((p) => p.name === name)!;
      const { frames, transforms } = figureOf(bare, pose, { lens: [0, 1.2, 4] });
      skinSurface(surface, transforms, skinned);
      for (const side of ['left', 'right'] as const) {
        const shin = limbDistance(frames, bare, 'leg', side);
        const forearm = limbDistance(frames, bare, 'arm', side);
        // what is counted as worn is not on bare skin
        expect(
          share(
            skinOf(new RegExp(`^${side}:shin$`)).map((p) => shin(p) + 0.0065),
            0.006,
          ),
        ).toBeGreaterThan(0.9);
        expect(
          share(
            skinOf(new RegExp(`^${side}:forearm$`)).map((p) => forearm(p) + 0.0065),
            0.007,
          ),
        ).toBeGreaterThan(0.9);
      }
      expect(share(skinOf(/^face$/).map(headDistance(frames, bare)), 0.006)).toBeGreaterThan(0.9);
    },
  );

  it('grows by as much as one goes away, and is negative inside', () => {
    const { frames, points } = figureOf(bare, HOUSE_POSES.standing![0]!, { lens: [0, 1.2, 4] });
    const leg = limbDistance(frames, bare, 'leg', 'left');
    const [x, y, z] = points.knees.left;
    expect(leg([x, y + 0.2, z])).toBeLessThan(-0.04);
    const near = leg([x, y + 0.2, z + 0.4]);
    expect(leg([x, y + 0.2, z + 0.6]) - near).toBeCloseTo(0.2, 2);
  });
});
