export { supportsAtHand } from './atHand';
export { composed } from './compose';
export { framedAsPlanned, shownWhole } from './framedAsPlanned';
export { composedForTwo } from './forTwo';
export { minutesEach } from './runLength';
export type { Planned } from './traits';
