import { expose } from 'comlink';
import { database, stayClosed } from '@/data';
import { holdLock } from './holdLock';
import { ADAPTING } from './studio/adapting';
import { arrangeAnew, arrangeInSteps, callOffArranging, exchangeTwo } from './studio/arranging';
import { BODIES } from './studio/bodies';
import { LIGHTING } from './studio/lighting';
import { PICTURES } from './studio/pictures';
import { PLANNING } from './studio/planning';
import { POSING } from './studio/posing';
import { RECOMPUTING } from './studio/recomputing';
import { SAYING } from './studio/saying';
import { SEARCHING } from './studio/searching';

// what is kept for speed must not bring back a store that was cleared
stayClosed(database);

/** Everything that the studio is asked for. What the core throws is handed on: a sentence with field, value and range. */
const api = {
  holdLock,

  /** Answers as soon as the worker is there. */
  wake: (): void => undefined,

  ...BODIES,
  ...RECOMPUTING,
  ...PICTURES,
  ...SAYING,
  ...POSING,
  ...LIGHTING,
  ...ADAPTING,

  arrangeInSteps,
  callOffArranging,
  arrangeAnew,
  exchangeTwo,

  ...SEARCHING,
  ...PLANNING,
};

export type StudioApi = typeof api;
expose(api);
