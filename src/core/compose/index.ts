export { supportsAtHand } from './atHand';
export { composed } from './compose';
export { framedAsPlanned, shownWhole } from './framedAsPlanned';
export { composedForTwo } from './forTwo';
export type { Planned } from './traits';
