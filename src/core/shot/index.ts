export { FIRST_ROLE, MOST_PEOPLE, shotSchema, type Posed, type Shot } from './shot';
export type { Role } from '../checks';
export { standingOn } from './standingOn';
export { carrierIn, freeRole, marksInRow, touching, withAnother, withoutRole } from './people';
export {
  amongOthers,
  firstRole,
  nameOfShot,
  personOf,
  shotOfOne,
  shows,
  soloShot,
  withMark,
  withPerson,
  withSolo,
  type Among,
  type Companion,
  type SoloShot,
} from './solo';
