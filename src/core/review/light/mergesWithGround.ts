import { isLying } from '../../pose';
import { mergingShare, type OutlinePlace, type Sight } from '../../picture';
import { add, apart, cross, midpoint, radians, SIDES, subtract, unit, type Vec3 } from '../../units';
import { light, mark, type Rule } from '../rule';

/** Where round the head it is looked at, from the sitter's ear on one side over the crown to the other, degrees. */
const ROUND_HEAD_DEG = [0, 22, 45, 67, 90, 113, 135, 158, 180] as const;
/** Half a head against its height, and how far off it the ground is looked at, head heights (a head with its hair is some three quarters as broad as high; from memory). */
const HALF_BREADTH = 0.36;
const HALF_HEIGHT = 0.5;
const OFF = 0.14;
/** An outline as the lens sees it is turned aside, and a little to the lens. */
const TO_LENS = 0.35;
/** From a joint to the outline of flesh and cloth, and how far off that the ground is looked at, metres. */
const FLESH_M = 0.06;
const OFF_M = 0.08;
/** More of an edge than this is not to be lost, per cent (common practice: one side may go). */
const MOST_PERCENT = 50;

/** A place so far out from a point, turned aside and a little to the lens. */
function placeOut(
  { view }: Sight,
  from: Vec3,
  out: readonly number[],
  offM: number,
  tone: OutlinePlace['tone'],
): OutlinePlace {
  const at = add(from, out);
  const way = unit(out);
  const normal = unit(add(way, unit(subtract(view.eye, at)), TO_LENS));
  return { at, normal, beside: add(at, way, offM), tone };
}

/** The outline of the head from ear to ear, with the tone of what covers it. */
function ofHead(sight: Sight): OutlinePlace[] {
  const { crown, chin } = sight.figure.points;
  const { outfit, hair, tones } = sight.body.profile;
  const middle = midpoint(crown, chin);
  const headM = apart(crown, chin);
  const up = unit(subtract(crown, chin));
  const aside = unit(cross(up, subtract(sight.view.eye, middle)));
  const tone = outfit.headScarf?.tone ?? (hair === 'none' ? tones.skin : tones.hair);
  return ROUND_HEAD_DEG.map((deg) => {
    const [x, y] = [
      Math.cos(radians(deg)) * HALF_BREADTH * headM,
      Math.sin(radians(deg)) * HALF_HEIGHT * headM,
    ];
    return placeOut(sight, middle, add(add([0, 0, 0], aside, x), up, y), OFF * headM, tone);
  });
}

/** Both shoulders and upper arms from outside. */
function ofShoulders(sight: Sight): OutlinePlace[] {
  const { points } = sight.figure;
  const { jacket, top } = sight.body.profile.outfit;
  const middle = midpoint(points.shoulders.left, points.shoulders.right);
  return SIDES.flatMap((side) => {
    const [shoulder, elbow] = [points.shoulders[side], points.elbows[side]];
    const aside = unit(subtract(shoulder, middle));
    const out: Vec3 = [aside[0] * FLESH_M, aside[1] * FLESH_M, aside[2] * FLESH_M];
    const over: Vec3 = [0, FLESH_M, 0];
    const { tone } = jacket ?? top;
    return [
      placeOut(sight, shoulder, over, OFF_M, tone),
      placeOut(sight, shoulder, out, OFF_M, tone),
      placeOut(sight, midpoint(shoulder, elbow), out, OFF_M, tone),
    ];
  });
}

const OUTLINES = {
  head: { placesOf: ofHead, title: 'The head is lost in the ground', spot: 'face' },
  shoulders: { placesOf: ofShoulders, title: 'The shoulders are lost in the ground', spot: 'shoulders' },
} as const;
type Outlined = keyof typeof OUTLINES;

export const mergesWithGround = {
  id: 'merges-with-ground',
  name: 'Lost in the ground',
  reads: [],
  station: 'light',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'Hair or cloth as dark as what is behind it has no edge; light on either draws one.',
  weight: 0.4,
  measure(sight) {
    const { ground, shot, picture } = sight;
    // who lies has the floor or what it lies on beside the head
    if (!ground || isLying(shot.pose.support)) return [];
    return (Object.keys(OUTLINES) as Outlined[]).flatMap((key) => {
      const { placesOf, title, spot } = OUTLINES[key];
      const share = mergingShare(picture, sight.lighting(), ground, placesOf(sight));
      if (share === null) return [];
      return [
        {
          key,
          spot,
          value: 100 * share,
          low: 0,
          high: MOST_PERCENT,
          deadBand: [0, 12] as [number, number],
          full: 50,
          unit: '% of its edge within half a stop of the ground',
          title,
          variables: [...light('ambientShare', 'distanceM', 'arcDeg'), ...mark('aheadM')],
        },
      ];
    });
  },
} as const satisfies Rule;
