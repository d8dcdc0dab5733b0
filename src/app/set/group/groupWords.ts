import {
  COVERED_SHARE,
  LEANING_SHARE,
  NEARLY_IN_LINE_DEG,
  STRETCHED_SHARE,
  type GroupOrder,
  type LevelId,
  type RelationKind,
} from '@/core/group';
import { EVEN_FACES_STOPS } from '@/core/light';
import type { Role } from '@/core/shot';
import { inOneLine } from '@/ui/place/namesOf';

export const RELATION_WORDS: Record<RelationKind, string> = {
  kin: 'of one family',
  couple: 'a couple',
  near: 'near each other',
  apart: 'not beside each other',
};

/** What a place asks of whoever is at it. */
export const LEVEL_WORDS: Record<LevelId, string> = {
  floor: 'sits on the floor',
  seat: 'sits',
  standing: 'stands',
  box: 'stands on a box',
};

const PARTED_WORDS: Record<RelationKind, string> = {
  kin: 'parted from the family',
  couple: 'parted',
  near: 'not near each other',
  apart: 'beside each other after all',
};

type NameOf = (role: Role) => string;

function facesTold({ told }: GroupOrder, nameOf: NameOf): string {
  if (told.covered.length === 0) return 'By their outlines every face is clear.';
  const names = told.covered.map(({ role, share }) => `${nameOf(role)} (${Math.round(share * 100)} %)`);
  return `Partly covered: ${inOneLine(names)}.`;
}

function partedTold({ told }: GroupOrder, nameOf: NameOf): string[] {
  return told.parted.map(({ kind, roles: [a, b] }) =>
    kind === 'kin'
      ? `${nameOf(a)} is ${PARTED_WORDS.kin}.`
      : `${nameOf(a)} and ${nameOf(b)}: ${PARTED_WORDS[kind]}.`,
  );
}

function strainTold({ told }: GroupOrder, nameOf: NameOf): string[] {
  const refused = told.strained.filter((s) => s.isRefused).map((s) => nameOf(s.role));
  const hard = told.strained.filter((s) => !s.isRefused).map((s) => nameOf(s.role));
  return [
    ...(refused.length > 0 ? [`Not to be asked of ${inOneLine(refused)}: another place is needed.`] : []),
    ...(hard.length > 0 ? [`A strain for ${inOneLine(hard)}: not for long.`] : []),
  ];
}

function headsTold({ told: { leastTriangleDeg } }: GroupOrder): string[] {
  if (leastTriangleDeg === null) return [];
  const deg = Math.round(leastTriangleDeg);
  return leastTriangleDeg < NEARLY_IN_LINE_DEG
    ? [`Three heads are nearly in line: their triangle has an angle of ${deg}°.`]
    : [`Heads make triangles of ${deg}° and more.`];
}

function massTold({ told: { leanShare } }: GroupOrder): string[] {
  if (Math.abs(leanShare) <= LEANING_SHARE) return [];
  const side = leanShare > 0 ? 'right' : 'left';
  return [`The picture is heavier at camera ${side}.`];
}

function stretchTold({ told: { stretchShare } }: GroupOrder): string[] {
  if (stretchShare <= STRETCHED_SHARE) return [];
  return [`Heads at the ends are drawn ${Math.round(stretchShare * 100)} % wider than in the middle.`];
}

function lightTold({ told: { spreadStops } }: GroupOrder): string {
  const stops = spreadStops.toFixed(2);
  return spreadStops <= EVEN_FACES_STOPS
    ? `Light on the faces within ${stops} stops.`
    : `Light on the faces ${stops} stops apart: a group bears a third.`;
}

function depthTold({ told: { apertureF, focusM } }: GroupOrder): string {
  return `All faces sharp from f/${apertureF.toFixed(1)}, focused at ${focusM.toFixed(2)} m.`;
}

/** What an order comes to, the worst first. */
export function toldInWords(found: GroupOrder, nameOf: NameOf): string[] {
  return [
    ...strainTold(found, nameOf),
    facesTold(found, nameOf),
    ...partedTold(found, nameOf),
    ...headsTold(found),
    ...massTold(found),
    ...stretchTold(found),
    lightTold(found),
    depthTold(found),
  ];
}

/** What the rows of an order are, front to back. */
export function rowsInWords({ laid: { plan } }: GroupOrder): string {
  const rows = plan.rows.map(
    ({ level, count }) => `${count} ${count === 1 ? LEVEL_WORDS[level] : PLURAL[level]}`,
  );
  return `${rows.join(', ')}${plan.isCurved ? '; rows bent round the lens' : ''}`;
}

const PLURAL: Record<LevelId, string> = {
  floor: 'sit on the floor',
  seat: 'sit',
  standing: 'stand',
  box: 'stand on boxes',
};

/** Where camera and key go. */
export function setUpInWords({ laid: { camera }, light }: GroupOrder): string {
  const lens = `${camera.focalLengthMm} mm from ${camera.distanceM.toFixed(1)} m, lens ${camera.heightM.toFixed(2)} m high`;
  return `${lens}; key ${light.distanceM.toFixed(1)} m away, ${light.heightM.toFixed(2)} m high.`;
}

/** A face of which less is seen in the picture is named. */
export const SEEN_SHARE = 1 - COVERED_SHARE;
