import { viewOf } from '../camera';
import { isSky, sourceAcrossM, sourceCentre, sourceKind, type Light, type LightSource } from '../light';
import type { SoloShot } from '../shot';
import { BACKDROPS, GROUND_TONES, SUPPORTS, type Room } from '../scene';
import type { Vec3 } from '../units';

/** A set-up as an assistant builds it: everything in tape-measure numbers. */
export interface SetUp {
  /** Poses that are taken in it, in the order of the run. */
  poses: string[];
  lines: string[];
  /** The first of them, for the plan. */
  shot: SoloShot;
}

const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
const metres = (m: number) => `${m.toFixed(2)} m`;

/** What stands in a wall is not outside, metres. */
const IN_WALL_M = 0.05;

/** A place of the floor from two walls; how far outside where it is not in the room. */
function fromWalls([x, , z]: Vec3, room: Room): string {
  const back = z + room.markToBackM;
  const left = x + room.markToLeftM;
  const isPast = (m: number, mostM: number) => m < -IN_WALL_M || m > mostM + IN_WALL_M;
  const isOutside = isPast(back, room.depthM) || isPast(left, room.widthM);
  return `${metres(back)} from the back wall, ${metres(left)} from the left wall${isOutside ? ', OUTSIDE THE ROOM' : ''}`;
}

function sourceLine(
  name: string,
  source: LightSource | (Light & { kind: LightSource['kind'] }),
  room: Room,
): string {
  const { words, works } = sourceKind(source.kind);
  if (isSky(source.kind))
    return `${name}: ${words}, ${Math.round(Math.abs(source.arcDeg))}° to camera ${source.arcDeg >= 0 ? 'right' : 'left'} of the front${source.altitudeDeg === undefined ? '' : `, ${Math.round(source.altitudeDeg)}° high`}`;
  if (source.facesDeg !== undefined)
    return `${name}: ${words} ${metres(sourceAcrossM(source))} wide and ${metres(source.sizeM)} high, middle ${metres(source.heightM)} high; ${fromWalls(sourceCentre(source), room)}`;
  const parts = [
    `${name}: ${words} ${metres(source.sizeM)}, centre ${metres(source.heightM)} high`,
    fromWalls(sourceCentre(source), room),
  ];
  const aim = 'aim' in source && source.aim === 'background' ? 'the background' : 'the face';
  const feather = source.featherDeg
    ? `, then turned ${Math.abs(source.featherDeg)}° ${source.featherDeg > 0 ? 'to the lens' : 'past the sitter'}`
    : '';
  parts.push(`aimed at ${aim}${feather}`);
  if (source.gridDeg !== undefined) parts.push(`grid of ${source.gridDeg}°`);
  if (works === 'lamp' && 'powerStops' in source && source.powerStops !== undefined) {
    const stops = source.powerStops;
    parts.push(
      stops === 0
        ? 'as bright as the key'
        : `${Math.abs(stops)} ${Math.abs(stops) === 1 ? 'stop' : 'stops'} ${stops > 0 ? 'over' : 'under'} the key`,
    );
  }
  return parts.join('; ');
}

/** What an assistant needs to build one shot. Left and right of the room are as the camera sees them. */
export function setUpLines({ camera, light, exposure }: SoloShot, room: Room): string[] {
  const lens = viewOf(camera);
  const level =
    camera.aim.kind === 'level' ? 'level' : `aimed ${metres(camera.aim.heightM)} high over the mark`;
  const turns = [
    camera.panDeg && `panned ${Math.abs(camera.panDeg)}° to camera ${camera.panDeg > 0 ? 'right' : 'left'}`,
    camera.rollDeg &&
      `rolled ${Math.abs(camera.rollDeg)}° ${camera.rollDeg > 0 ? 'clockwise' : 'anticlockwise'}`,
  ].filter(Boolean);
  const exposed = exposure ? `, 1/${exposure.shutterParts} s, ISO ${exposure.iso}` : '';
  const stops = light.ambientShare > 0 ? Math.log2((1 + light.ambientShare) / light.ambientShare) : null;
  const { backdrop } = room;
  return [
    `Sitter’s mark: ${fromWalls([0, 0, 0], room)}`,
    ...(backdrop && backdrop.kind !== 'outdoors'
      ? [
          `Background: ${BACKDROPS[backdrop.kind].words}, ${GROUND_TONES[backdrop.tone].words}, ${metres(backdrop.widthM)} wide, ${metres(backdrop.behindM)} behind the mark`,
        ]
      : []),
    ...(room.furniture ?? []).map(
      (piece) =>
        `${sentence(SUPPORTS[piece.kind].words)}: middle ${metres(piece.fromBackM)} from the back wall, ${metres(piece.fromLeftM)} from the left wall`,
    ),
    `Camera: ${metres(camera.distanceM)} from the mark; ${fromWalls(lens.eye, room)}`,
    `Lens: ${[`centre ${metres(camera.heightM)} high`, level, ...turns].join(', ')}`,
    `Taken with: ${camera.focalLengthMm} mm, f/${camera.apertureF}${exposed}, ${camera.orientation}`,
    sourceLine('Key', { ...light, kind: light.kind ?? 'softbox' }, room),
    ...(light.others ?? []).map((s, i) => sourceLine(`Stand ${i + 2}`, s, room)),
    stops === null
      ? 'No light but these'
      : `Key and ambient ${stops.toFixed(1)} stops over the ambient alone`,
  ];
}

/** The set-ups of a run: poses that follow each other in the same one are put together. */
export function setSheet(shots: readonly SoloShot[], room: Room): SetUp[] {
  const out: SetUp[] = [];
  for (const shot of shots) {
    const lines = setUpLines(shot, room);
    const last = out.at(-1);
    if (last && last.lines.join() === lines.join()) last.poses.push(shot.pose.name);
    else out.push({ poses: [shot.pose.name], lines, shot });
  }
  return out;
}
