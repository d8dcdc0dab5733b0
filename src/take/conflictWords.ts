import { CAMERA_RANGES, TURN_RANGES } from '@/core/camera';
import type { Conflict } from '@/core/changes';
import { KEY_RANGES } from '@/core/light';
import type { Posed, Shot } from '@/core/shot';
import { SETTINGS } from '@/core/pose';
import { shownNumber } from '@/ui/fields/decimal';
import { fieldWords } from '@/ui/store/fieldWords';

/** What a number is called and how it is shown. */
interface Row {
  words: string;
  unit: string;
  /** Shown number for a stored value of 1. */
  shown?: number;
}

/** Numbers that have words of their own, by where they stand in a take. */
const NUMBERS: readonly (readonly [at: string, rows: Readonly<Record<string, Row>>])[] = [
  ['shot.people.pose.settings', SETTINGS],
  ['shot.camera', { ...CAMERA_RANGES, ...TURN_RANGES }],
  ['shot.light', KEY_RANGES],
];

/** What else of a picture can be changed. */
const OF_SHOT: Record<keyof Shot, string> = {
  people: 'the people',
  supports: 'what is sat and stood on',
  message: 'what it says',
  camera: 'the camera',
  light: 'the light',
  exposure: 'the exposure',
};

/** What of one of its people can be changed. */
const OF_PERSON: Record<keyof Posed, string> = {
  role: 'who is who',
  personId: 'who is posed',
  pose: 'the pose',
  mark: 'where somebody stands',
};

/** Where a field stands, whichever of the people it is of. */
function placeOf(path: readonly string[]): string[] {
  return path.filter((_, i) => !(i === 2 && path[1] === 'people'));
}

function rowAt(path: readonly string[]): Row | undefined {
  const [at, key] = [placeOf(path).slice(0, -1).join('.'), path.at(-1) ?? ''];
  return NUMBERS.find(([place]) => place === at)?.[1][key];
}

function partWords(path: readonly string[]): string {
  const [first = '', second = '', third = ''] = placeOf(path);
  if (second === 'people' && third in OF_PERSON) return OF_PERSON[third as keyof Posed];
  if (first === 'shot') return OF_SHOT[second as keyof Shot] ?? 'the picture';
  return first === '' ? 'the take' : fieldWords(first);
}

function valueWords(value: unknown, { unit, shown = 1 }: Row): string {
  if (value === undefined) return 'taken away';
  if (typeof value === 'number') return `${shownNumber(value, shown)} ${unit}`.trim();
  return typeof value === 'object' ? 'otherwise' : String(value);
}

/** What was changed in two places at once, with both values in the unit that is shown. */
export function conflictWords({ path, mine, theirs }: Conflict): string {
  const row = rowAt(path) ?? { words: partWords(path), unit: '' };
  return `${row.words}: ${valueWords(theirs, row)} there, ${valueWords(mine, row)} here`;
}
