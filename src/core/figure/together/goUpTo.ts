import { add } from '../../units';
import { go, sideways, type Member, type Pair } from './member';
import { feetRoomM, roomM } from './room';

/** Steps of the way towards somebody, each as far as nothing is in the way. */
const MARCHED = 8;
/** Nearer than this is there, metres. */
const THERE_M = 0.001;

/** Goes along the line to somebody as far as there is room, or back out of them. */
function march(member: Member, room: () => number): void {
  const { towards, gapM } = member.near!;
  for (let step = 0; step < MARCHED; step++) {
    const freeM = room() - gapM;
    if (Math.abs(freeM) < THERE_M) return;
    go(member, add([0, 0, 0], towards, freeM));
  }
}

/** Ways aside that are tried so that feet find room between feet, metres, the least first (from a study of pairs). */
const ASIDE_M = [0, 0.03, -0.03, 0.06, -0.06, 0.09, -0.09, 0.12, -0.12, 0.15, -0.15, 0.18, -0.18];

/** Steps aside by as little as gives the feet room, or by what gives them the most. */
function stepAside(member: Member, pair: Pair): void {
  const across = sideways(member.near!.towards);
  let best = { m: 0, roomM: -Infinity };
  for (const m of ASIDE_M) {
    const way = add([0, 0, 0], across, m);
    go(member, way);
    const roomM = Math.min(0, ...feetRoomM(pair));
    go(member, add([0, 0, 0], way, -1));
    if (roomM > best.roomM + THERE_M) best = { m, roomM };
  }
  go(member, add([0, 0, 0], across, best.m));
}

/** Goes up to somebody until the bodies are as near as they were asked to be, the feet between theirs. */
export function goUpTo(member: Member, partner: Member): void {
  const pair: Pair = [member, partner];
  const bodies = () => Math.min(roomM(pair), roomM([partner, member]));
  march(member, bodies);
  stepAside(member, pair);
  march(member, () => Math.min(bodies(), ...feetRoomM(pair)));
}
