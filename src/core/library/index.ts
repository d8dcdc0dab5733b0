export { STANDING_POSES } from './standing';
