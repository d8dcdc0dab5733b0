import { partIndex, type PartName } from '../../body';
import type { Picture, Sight } from '../../picture';
import { camera, type Rule } from '../rule';
import type { Spot } from '../spots';

interface TipRow {
  parts: readonly PartName[];
  spot: Spot;
  /** What a cut through its bones is called, which tells it already. */
  boneCut?: string;
}

/** What the frame should hold whole, by what it is called. */
const ROWS = {
  head: { parts: ['face', 'hair'], spot: 'face' },
  'left hand': { parts: ['left:hand'], spot: 'hands', boneCut: 'fingers' },
  'right hand': { parts: ['right:hand'], spot: 'hands', boneCut: 'fingers' },
  'left foot': { parts: ['left:foot'], spot: 'toes', boneCut: 'foot' },
  'right foot': { parts: ['right:foot'], spot: 'toes', boneCut: 'foot' },
} as const satisfies Record<string, TipRow>;
type Tip = keyof typeof ROWS;
const TIPS: Readonly<Record<Tip, TipRow>> = ROWS;
const TIP_NAMES = Object.keys(TIPS) as Tip[];

/** A face that fills more of the frame's height than this is a head alone, whose crown may be cut (common practice). */
const HEAD_ALONE = 0.4;
/** With no more pixels at the edge than this a tip touches it and is not cut (measured on our own framings). */
const TOUCHES_PX = 2;
/** The fingers of a hand that hangs out of a cut forearm come in again with so many. */
const FINGERS_PX = 8;

/** Labels along the edge of a picture. */
function edgeLabels({ width, height, label }: Picture): number[] {
  const out: number[] = [];
  for (let col = 0, last = (height - 1) * width; col < width; col++)
    out.push(label[col]!, label[last + col]!);
  for (let at = 0; at < label.length; at += width) out.push(label[at]!, label[at + width - 1]!);
  return out;
}

/** What can be judged: a head is not, where it is meant to fill the frame; nor what a cut through its joint tells already. */
function isJudged(tip: Tip, { readings, picture }: Sight): boolean {
  if (tip === 'head') return readings.faceInFrame > 0 && readings.faceInFrame < HEAD_ALONE;
  const { parts, boneCut } = TIPS[tip];
  const isTold = readings.cuts.some((c) => c.where === boneCut);
  return !isTold && parts.some((part) => picture.sums[partIndex(part)]!.pixels > 0);
}

export const tipCut = {
  id: 'tip-cut',
  name: 'Head, hand or foot cut',
  reads: [],
  station: 'camera',
  grade: 'fault',
  reason:
    'Half a hand, a foot without its tip or a head without its crown look like an accident; hold them whole.',
  weight: 0.8,
  measure(sight) {
    const labels = edgeLabels(sight.picture);
    return TIP_NAMES.filter((tip) => isJudged(tip, sight)).map((tip) => {
      const parts = new Set(TIPS[tip].parts.map(partIndex));
      const cutPx = labels.filter((l) => parts.has(l)).length;
      return {
        key: tip,
        spot: TIPS[tip].spot,
        value:
          (Math.max(0, cutPx - (tip.endsWith('hand') ? FINGERS_PX : TOUCHES_PX)) / sight.picture.width) * 100,
        low: 0,
        high: 0,
        full: 10,
        unit: '% of the frame’s breadth',
        title: `The frame cuts the ${tip}`,
        variables: camera('distanceM', 'focalLengthMm', 'heightM', 'arcDeg'),
      };
    });
  },
} as const satisfies Rule;
