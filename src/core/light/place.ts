import type { FigurePoints } from '../figure';
import type { Room } from '../scene';
import { aboutZeroDeg, degrees, lengthOf, midpoint, radians, subtract, type Vec3 } from '../units';
import { KEY_RANGES, sourceCentre, type Light } from './light';

/** Where a source is said to stand; what is not said stays as it is. */
export interface SaidPlace {
  /** Off the line from the face to the lens, or off the nose, degrees; to camera right or the sitter's left positive. */
  asideDeg?: { from: 'lens' | 'nose'; deg: number };
  /** Above the eyes seen from them, degrees. */
  upDeg?: number;
  /** From the eyes, metres. */
  faceM?: number;
  heightM?: number;
  fromBackM?: number;
  fromFrontM?: number;
  fromLeftM?: number;
  fromRightM?: number;
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const DEGREES = String.raw`\s*(?:°|deg|degrees?)\s*`;
const METRES = String.raw`\s*(?:m|metres?|meters?)`;

/** One way to say a part of a place, and what it says. */
const PHRASES: readonly [RegExp, (n: number, words: RegExpExecArray) => SaidPlace][] = [
  [
    new RegExp(`^${NUMBER}${DEGREES}(?:to )?camera (left|right)$`),
    (deg, m) => ({ asideDeg: { from: 'lens', deg: m[2] === 'right' ? deg : -deg } }),
  ],
  [
    new RegExp(`^${NUMBER}${DEGREES}(?:to )?(?:the )?sitter['’]s (left|right)$`),
    (deg, m) => ({ asideDeg: { from: 'nose', deg: m[2] === 'left' ? deg : -deg } }),
  ],
  [
    new RegExp(`^${NUMBER}${DEGREES}(above|below) (?:the )?eyes$`),
    (deg, m) => ({ upDeg: m[2] === 'above' ? deg : -deg }),
  ],
  [new RegExp(`^${NUMBER}${METRES} high$`), (heightM) => ({ heightM })],
  [
    new RegExp(`^${NUMBER}${METRES} from (?:the )?(back|front|left|right) wall$`),
    (m, words) =>
      ({
        back: { fromBackM: m },
        front: { fromFrontM: m },
        left: { fromLeftM: m },
        right: { fromRightM: m },
      })[words[2] as 'back' | 'front' | 'left' | 'right'],
  ],
  [new RegExp(`^${NUMBER}${METRES}(?: from (?:the )?(?:face|eyes))?$`), (faceM) => ({ faceM })],
];

/**
 * Reads where a source is said to stand, such as "45° camera left, 30° above the eyes, 1.2 m" or
 * "2 m from the back wall, 1 m from the left wall, 1.9 m high".
 * @throws RangeError quoting what was not understood and saying what can be said.
 */
export function placeFromWords(text: string): SaidPlace {
  const said: SaidPlace = {};
  // a comma with a digit after it is a decimal one
  const parts = text.toLowerCase().split(/,(?!\d)|;| and /);
  for (const part of parts.map((p) => p.trim()).filter(Boolean)) {
    const found = PHRASES.flatMap(([pattern, read]) => {
      const match = pattern.exec(part);
      return match ? [read(Number(match[1]!.replace(',', '.')), match)] : [];
    })[0];
    if (!found)
      throw new RangeError(
        `“${part}”: say degrees camera left or right, or the sitter’s left or right, degrees above or below the eyes, metres from the face, metres high, or metres from a wall`,
      );
    Object.assign(said, found);
  }
  if (Object.keys(said).length === 0)
    throw new RangeError('nothing said: for instance “45° camera left, 1.2 m”');
  return said;
}

/** Bearing of a direction on the floor from the front towards camera right, degrees. */
const bearingDeg = (v: Vec3) => degrees(Math.atan2(v[0], v[2]));

/** Where the nose points on the floor: square to the line of the eyes. */
function noseBearingDeg({ eyes }: FigurePoints): number {
  const [x, , z] = subtract(eyes.left, eyes.right);
  return degrees(Math.atan2(-z, x));
}

/** Place of a key against the eyes. */
function fromEyes(light: Light, points: FigurePoints): { bearingDeg: number; upDeg: number; farM: number } {
  const d = subtract(sourceCentre(light), midpoint(points.eyes.left, points.eyes.right));
  return {
    bearingDeg: bearingDeg(d),
    upDeg: degrees(Math.atan2(d[1], Math.hypot(d[0], d[2]))),
    farM: lengthOf(d),
  };
}

/** Where the key stands, in words that `placeFromWords` reads. */
export function placeInWords(light: Light, points: FigurePoints, lens: Vec3): string {
  const { bearingDeg: at, upDeg, farM } = fromEyes(light, points);
  const aside = aboutZeroDeg(at - bearingDeg(subtract(lens, midpoint(points.eyes.left, points.eyes.right))));
  return [
    `${Math.round(Math.abs(aside))}° camera ${aside < 0 ? 'left' : 'right'}`,
    `${Math.round(Math.abs(upDeg))}° ${upDeg < 0 ? 'below' : 'above'} the eyes`,
    `${farM.toFixed(2)} m`,
  ].join(', ');
}

/**
 * The key put where it is said to stand.
 * @throws RangeError naming what lies out of its range.
 */
export function keyAt(light: Light, said: SaidPlace, points: FigurePoints, lens: Vec3, room: Room): Light {
  const eyes = midpoint(points.eyes.left, points.eyes.right);
  const now = fromEyes(light, points);
  const zero = { lens: bearingDeg(subtract(lens, eyes)), nose: noseBearingDeg(points) };
  const bearing = radians(said.asideDeg ? zero[said.asideDeg.from] + said.asideDeg.deg : now.bearingDeg);
  const up = radians(said.upDeg ?? now.upDeg);
  const far = said.faceM ?? now.farM;
  let [x, y, z]: Vec3 = [
    eyes[0] + Math.sin(bearing) * Math.cos(up) * far,
    eyes[1] + Math.sin(up) * far,
    eyes[2] + Math.cos(bearing) * Math.cos(up) * far,
  ];
  if (said.heightM !== undefined) y = said.heightM;
  if (said.fromBackM !== undefined) z = said.fromBackM - room.markToBackM;
  if (said.fromFrontM !== undefined) z = room.depthM - room.markToBackM - said.fromFrontM;
  if (said.fromLeftM !== undefined) x = said.fromLeftM - room.markToLeftM;
  if (said.fromRightM !== undefined) x = room.widthM - room.markToLeftM - said.fromRightM;
  const placed = {
    arcDeg: Math.round(degrees(Math.atan2(x, z)) * 10) / 10,
    distanceM: Math.round(Math.hypot(x, z) * 100) / 100,
    heightM: Math.round(y * 100) / 100,
  };
  for (const name of ['distanceM', 'heightM'] as const) {
    const { min, max, words, unit } = KEY_RANGES[name];
    if (!(placed[name] >= min && placed[name] <= max))
      throw new RangeError(
        `${words} would be ${placed[name]} ${unit}; it must be from ${min} to ${max} ${unit}`,
      );
  }
  return { ...light, ...placed };
}
