export { insideRoom, roomSchema, type Room } from './room';
