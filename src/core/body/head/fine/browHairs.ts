import { add, cross, radians, randomFrom, smoothstep, tripleAt, unit } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { bindToHead } from '../../bones/skeleton';
import type { BodyProfile } from '../../said/profile';
import { browHalf, browHeight, browLine } from '../looks/brow';
import type { HeadModel } from '../headModel';
import { rootOf, type Hair, type Root } from './blades';

/** Finds the skin of the front of the face by place across and up, head heights. */
function frontOf(model: HeadModel, lengths: Lengths): (x: number, y: number) => Root | null {
  const { triangles, positions } = model.mesh;
  const places = Array.from({ length: positions.length / 3 }, (_, v) =>
    bindToHead(lengths, tripleAt(positions, v)),
  );
  const front: [number, number, number][] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    const corners = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!] as [number, number, number];
    if (corners.every((v) => places[v]![2] > 0.1 && places[v]![1] > 0.5 && places[v]![0] > -0.01))
      front.push(corners);
  }
  return (x, y) => {
    for (const [a, b, c] of front) {
      const [p, q, r] = [places[a]!, places[b]!, places[c]!];
      const area = (q[0] - p[0]) * (r[1] - p[1]) - (r[0] - p[0]) * (q[1] - p[1]);
      if (area <= 0) continue;
      const u = ((x - p[0]) * (r[1] - p[1]) - (r[0] - p[0]) * (y - p[1])) / area;
      const w = ((q[0] - p[0]) * (y - p[1]) - (x - p[0]) * (q[1] - p[1])) / area;
      if (u < 0 || w < 0 || u + w > 1) continue;
      return rootOf(model, [
        [a, 1 - u - w],
        [b, u],
        [c, w],
      ]);
    }
    return null;
  };
}

/** Hairs of one brow, and their length, head heights; the head of a brow rises, its tail lies. */
const BROW = { hairs: 170, long: 0.03, short: 0.021, offSkin: 0.0012 };

/** Hairs of the left brow. */
export function browHairs(profile: BodyProfile, lengths: Lengths, model: HeadModel): Hair[] {
  const random = randomFrom(7);
  const skinAt = frontOf(model, lengths);
  const H = lengths.headHeightM;
  const line = browLine(model.looks);
  const [first, last] = [line[0]![0], line.at(-1)![0]];
  const out: Hair[] = [];
  for (let i = 0; i < BROW.hairs; i++) {
    const along = random() ** 1.15;
    const beside = random() * 2 - 1;
    const x = first + (last - first) * along;
    const y = browHeight(line, x) + beside * browHalf(profile.contourShare, along);
    const root = skinAt(x, y);
    if (!root) continue;
    const deg = 52 * smoothstep(0.3, 0, along) + 24 - 46 * along - 22 * beside;
    const long = BROW.long + (BROW.short - BROW.long) * along;
    const aside = unit(cross([0, 1, 0], root.normal));
    const up = cross(root.normal, aside);
    const lie = add(
      add([0, 0, 0], aside, Math.cos(radians(deg)) * long * H),
      up,
      Math.sin(radians(deg)) * long * H,
    );
    const lifted = add(root.root, root.normal, BROW.offSkin * H);
    out.push({
      ...root,
      root: lifted,
      tip: add(add(lifted, lie), root.normal, 0.004 * H),
      across: add([0, 0, 0], unit(cross(root.normal, lie)), 0.0013 * H),
    });
  }
  return out;
}
