export { roomSchema, type Room } from './room';
