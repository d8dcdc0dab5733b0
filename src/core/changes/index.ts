export { merge, rebased, type Conflict, type Merged } from './merge';
export { withValue } from './withValue';
