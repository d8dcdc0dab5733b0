import type { Room } from '@/core/scene';

/** The boathouse of the rowing club. */
export const DEMO_ROOM: Room = {
  name: 'Boathouse',
  widthM: 6,
  depthM: 9,
  markToBackM: 2.4,
  markToLeftM: 3,
  door: { wall: 'right', words: 'north door', fromM: 2.2, toM: 5.2, headM: 2.6 },
  windows: [{ wall: 'left', words: 'river window', fromM: 4.4, toM: 5.8, sillM: 0.9, headM: 2.2 }],
  backdrop: { kind: 'paper', behindM: 2.1, widthM: 3.55, tone: 'grey' },
  wallTone: 'wood',
  floorTone: 'dark',
  site: { latitudeDeg: 53.2, longitudeDeg: 6.6, frontBearingDeg: 90 },
};
