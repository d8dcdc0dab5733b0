import { add, cross, randomFrom, tripleAt, unit, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { bindToHead } from '../../bones/skeleton';
import { BEARDS, type Beard } from '../../said/beard';
import { beardAt } from '../looks/beard';
import type { HeadModel } from '../headModel';
import { rootOf, type Hair, type Root } from './blades';

/** Lips on which no hair grows, by their mask. */
const LIP = 0.25;
/** Half the width of a hair at its root, and how far it stands off the skin on its length, head heights and share. */
const HAIR = { half: 0.0017, offSkin: 0.001, lifted: 0.32, leastLong: 0.004 };

/** A triangle of the skin in which hairs stand, and how many of all stand up to it. */
interface Patch {
  corners: [number, number, number];
  upTo: number;
}

/** Triangles of the left half of the skin in which a beard grows, by their area and how densely it does there. */
function patchesOf(beard: Beard, lengths: Lengths, { mesh, mask }: HeadModel): Patch[] {
  const { positions, triangles } = mesh;
  const lips = mask('lip');
  const patches: Patch[] = [];
  let upTo = 0;
  for (let t = 0; t < triangles.length; t += 3) {
    const corners: Patch['corners'] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
    if (corners.some((v) => lips[v]! > LIP)) continue;
    const [a, b, c] = corners.map((v) => bindToHead(lengths, tripleAt(positions, v))) as [Vec3, Vec3, Vec3];
    if (Math.min(a[0], b[0], c[0]) < -1e-6) continue;
    const middle: Vec3 = [(a[0] + b[0] + c[0]) / 3, (a[1] + b[1] + c[1]) / 3, (a[2] + b[2] + c[2]) / 3];
    const { share } = beardAt(beard, middle);
    if (share <= 0) continue;
    upTo += share * Math.hypot(...cross(add(b, a, -1), add(c, a, -1)));
    patches.push({ corners, upTo });
  }
  return patches;
}

/** Directions of the skin at a root: down along the face, and to the side. */
function downFrom({ normal }: Root): Vec3 {
  const aside = unit(cross([0, 1, 0], normal));
  return cross(aside, normal);
}

/** Hairs of the left half of a beard; none where none is worn. */
export function beardHairs(beard: Beard, lengths: Lengths, model: HeadModel): Hair[] {
  const random = randomFrom(23);
  const H = lengths.headHeightM;
  const patches = patchesOf(beard, lengths, model);
  const all = patches.at(-1)?.upTo ?? 0;
  if (all === 0) return [];
  return Array.from({ length: BEARDS[beard].hairs }, () => {
    const at = random() * all;
    const { corners } = patches.find((p) => p.upTo >= at)!;
    const [u, w] = [Math.sqrt(random()), random()];
    const root = rootOf(model, [
      [corners[0], 1 - u],
      [corners[1], u * (1 - w)],
      [corners[2], u * w],
    ]);
    const { long } = beardAt(beard, bindToHead(lengths, root.root));
    const length = Math.max(HAIR.leastLong, long * (0.7 + 0.5 * random())) * H;
    const down = downFrom(root);
    const aside = cross(root.normal, down);
    const way = unit(add(add(down, aside, 0.5 * (random() - 0.5)), root.normal, HAIR.lifted));
    const lifted = add(root.root, root.normal, HAIR.offSkin * H);
    return {
      ...root,
      root: lifted,
      tip: add(lifted, way, length),
      across: add([0, 0, 0], aside, HAIR.half * H),
    };
  });
}
