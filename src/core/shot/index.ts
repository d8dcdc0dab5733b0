export { FIRST_ROLE, MOST_PEOPLE, shotSchema, type Mark, type Posed, type Role, type Shot } from './shot';
export {
  firstRole,
  nameOfShot,
  personOf,
  shotOfOne,
  shows,
  soloShot,
  withPerson,
  withSolo,
  type SoloShot,
} from './solo';
