export { roleSchema, type Role } from './role';
export { contentHash } from './contentHash';
export { decimalFrom } from './decimal';
export { eachOnce } from './eachOnce';
export { cut, explain, explainAll, MESSAGE_LETTERS, shown } from './explain';
