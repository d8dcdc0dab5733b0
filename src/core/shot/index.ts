export { FIRST_ROLE, shotSchema, type Mark, type Posed, type Role, type Shot } from './shot';
export {
  firstRole,
  nameOfShot,
  personOf,
  shotOfOne,
  soloShot,
  withPerson,
  withSolo,
  type SoloShot,
} from './solo';
