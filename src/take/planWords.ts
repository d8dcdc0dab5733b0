import {
  MINUTE_S,
  type Asked,
  type AskedId,
  type Broken,
  type ChangeCost,
  type DislikeId,
  type Gear,
  type RunPlan,
} from '@/core/sequence';
import { nameOfShot } from '@/core/shot';
import type { Take } from '@/core/sitting';

/** A length of time, to five seconds below ten minutes. */
export function timeWords(seconds: number): string {
  const s = Math.round(seconds / 5) * 5;
  if (s < MINUTE_S) return `${s} s`;
  if (s >= 10 * MINUTE_S || s % MINUTE_S === 0) return `${Math.round(s / MINUTE_S)} min`;
  return `${Math.floor(s / MINUTE_S)} min ${s % MINUTE_S} s`;
}

/** What a picture is called, by its id. */
export type NameOf = (id: string) => string;

/** The names of the pictures of a run. */
export function nameIn(takes: readonly Take[]): NameOf {
  return (id) => {
    const take = takes.find((t) => t.id === id);
    return take ? nameOfShot(take.shot) : 'a picture';
  };
}

/** What is not liked of an order, as it is told of the pictures it is seen in. */
export const DISLIKE_WORDS: Record<DislikeId, string> = {
  demandingEarly: 'demanding before the sitter is warm',
  mustHaveLate: 'has to be had, and does not come first',
  demandingTogether: 'two demanding ones in a row',
  alike: 'the same picture twice in a row',
  closeBeforeWide: 'close before wide',
  standsCreased: 'gets up to stand, in formal clothes that are creased by then',
};

/** What was asked of a picture's place. */
export const ASKED_WORDS: Record<AskedId, string> = {
  staysPut: 'stays where it is',
  window: 'has a time to begin',
  after: 'comes after another',
};

const BROKEN: {
  [K in Broken['kind']]: (broken: Extract<Broken, { kind: K }>, nameOf: NameOf) => string;
} = {
  late: ({ lateS }) => `begins ${timeWords(lateS)} too late`,
  place: ({ fromPlace, toPlace }) => `moves from place ${fromPlace + 1} to ${toPlace + 1}`,
  after: ({ afterId }, nameOf) => `comes before ${nameOf(afterId)}`,
};

/** Something that was asked and is not kept. */
export function brokenWords(broken: Broken, nameOf: NameOf): string {
  const words = BROKEN[broken.kind] as (b: Broken, n: NameOf) => string;
  return `${nameOf(broken.id)} ${words(broken, nameOf)}`;
}

/** Something that collides with other things that were asked. */
export function askedWords({ stopId, asked }: Asked, nameOf: NameOf): string {
  return `${nameOf(stopId)} ${ASKED_WORDS[asked]}`;
}

const GEAR: { [K in Gear['kind']]: (gear: Extract<Gear, { kind: K }>) => string } = {
  lens: ({ focalLengthMm }) => `lens ${focalLengthMm} mm`,
  light: ({ stands }) => (stands === 1 ? 'one light' : `${stands} lights`),
  furniture: ({ pieces }) => (pieces === 1 ? 'one support' : `${pieces} supports`),
};

/** What is taken in hand between two pictures. */
export function gearWords(gear: Gear): string {
  return (GEAR[gear.kind] as (g: Gear) => string)(gear);
}

/** What is other than before but for the pose. */
export function otherWords({ arrivals, gear }: ChangeCost): string {
  const gearSaid = gear.length > 0 ? gear.map(gearWords).join(', ') : 'same lens, light and supports';
  return arrivals > 0 ? `somebody else comes, ${gearSaid}` : gearSaid;
}

/** How the time of a run is spent. */
export interface TimeSpent {
  takingS: number;
  changingS: number;
  restingS: number;
  waitingS: number;
  rests: number;
}

/** How the time of a plan is spent. */
export function timeSpent({ steps }: RunPlan): TimeSpent {
  const sum = (of: (step: RunPlan['steps'][number]) => number) => steps.reduce((s, step) => s + of(step), 0);
  return {
    takingS: sum((s) => s.endS - s.beginS),
    changingS: sum((s) => s.changeS),
    restingS: sum((s) => s.restS),
    waitingS: sum((s) => s.waitS),
    rests: steps.filter((s) => s.restS > 0).length,
  };
}

/** How the time of a plan is spent, in words. */
export function spentWords(plan: RunPlan): string {
  const { takingS, changingS, restingS, waitingS, rests } = timeSpent(plan);
  return [
    `${timeWords(takingS)} taking`,
    `${timeWords(changingS)} changing`,
    ...(rests > 0
      ? [`${timeWords(restingS)} in ${rests === 1 ? 'one rest' : `${rests} rests`}`]
      : ['no rest']),
    ...(waitingS > 0 ? [`${timeWords(waitingS)} waiting`] : []),
  ].join(', ');
}
