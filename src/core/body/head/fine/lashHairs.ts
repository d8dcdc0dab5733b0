import { add, cross, randomFrom, subtract, unit } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { eyeCentre, headToBind } from '../../bones/skeleton';
import { pointNumber } from '../cage/cage';
import type { HeadModel } from '../headModel';
import { rootOf, type Hair } from './blades';

/** Points of the front edge of a lid from the inner corner, and how long its lashes are, head heights. */
const LASHES = {
  upper: { edge: [1, 2, 3, 4, 5], hairs: 34, short: 0.007, long: 0.014, up: 0.75 },
  lower: { edge: [8, 7, 6], hairs: 12, short: 0.004, long: 0.006, up: -0.8 },
} as const;

/** Lashes of the left eye. */
export function lashHairs(lengths: Lengths, model: HeadModel): Hair[] {
  const random = randomFrom(11);
  const H = lengths.headHeightM;
  const centre = headToBind(lengths, eyeCentre(lengths, 'left'));
  return Object.values(LASHES).flatMap(({ edge, hairs, short, long, up }) =>
    Array.from({ length: hairs }, (_, i): Hair => {
      const way = ((i + random() * 0.7) / hairs) * (edge.length - 1);
      const from = Math.min(edge.length - 2, Math.floor(way));
      const share = way - from;
      const root = rootOf(model, [
        [pointNumber(`e2_${edge[from]!}`), 1 - share],
        [pointNumber(`e2_${edge[from + 1]!}`), share],
      ]);
      const out = unit(subtract(root.root, centre));
      const lie = unit([out[0] * 1.3, up, out[2] * 1.2]);
      const l = (short + (long - short) * (way / (edge.length - 1)) ** 0.7) * H * (0.8 + 0.4 * random());
      return {
        ...root,
        tip: add(root.root, lie, l),
        across: add([0, 0, 0], unit(cross(lie, [0, 0, 1])), 0.0012 * H),
      };
    }),
  );
}
