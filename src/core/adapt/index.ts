export { mend, type MendChange, type MendResult } from './mend';
