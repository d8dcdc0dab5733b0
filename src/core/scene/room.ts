import { z } from 'zod';
import type { Vec3 } from '../units';
import {
  backdropSchema,
  BACKDROPS,
  GROUND_TONE_IDS,
  GROUND_TONES,
  plainGround,
  type Ground,
} from './backdrop';
import { furnitureOnSet, furnitureSchema, MOST_FURNITURE } from './furniture';
import { MOST_WINDOWS, SPAN, windowSchema, WINDOW_RANGES, type RoomWindow } from './opening';
import { siteSchema } from './sun';

const doorSchema = z.strictObject({
  ...SPAN,
  /** Its upper edge over the floor, metres. */
  headM: z.number().min(WINDOW_RANGES.headM.min).max(WINDOW_RANGES.headM.max).optional(),
});

/**
 * The room as far as the plan needs it. The sitter's mark is the origin of the set; walls stand at distances from it.
 */
export const roomSchema = z
  .strictObject({
    name: z.string().min(1).max(80),
    /** Size along x and z, metres. */
    widthM: z.number().min(1).max(60),
    depthM: z.number().min(1).max(60),
    /** From the mark to the wall behind the sitter (-z) and to the wall at camera left (-x), metres. */
    markToBackM: z.number().min(0).max(60),
    markToLeftM: z.number().min(0).max(60),
    door: doorSchema,
    windows: z.array(windowSchema).max(MOST_WINDOWS).optional(),
    /** What hangs or stands behind the sitter; without it the wall is the background. */
    backdrop: backdropSchema.optional(),
    /** What stands in it besides what carries a sitter. */
    furniture: z.array(furnitureSchema).max(MOST_FURNITURE).optional(),
    wallTone: z.enum(GROUND_TONE_IDS).optional(),
    floorTone: z.enum(GROUND_TONE_IDS).optional(),
    /** Where the room is on the earth, for sun at the window or outdoors. */
    site: siteSchema.optional(),
  })
  .check(({ value, issues }) => {
    const { widthM, depthM, markToBackM, markToLeftM, door, windows = [], furniture = [], backdrop } = value;
    const put = (path: (string | number)[], input: number, message: string) =>
      issues.push({ code: 'custom', path, input, message });
    if (markToBackM > depthM)
      put(
        ['markToBackM'],
        markToBackM,
        `markToBackM ${markToBackM} must be from 0 to the depth, ${depthM} m`,
      );
    if (markToLeftM > widthM)
      put(
        ['markToLeftM'],
        markToLeftM,
        `markToLeftM ${markToLeftM} must be from 0 to the width, ${widthM} m`,
      );
    const checkSpan = (
      name: string,
      path: (string | number)[],
      span: Pick<RoomWindow, 'wall' | 'fromM' | 'toM'>,
    ) => {
      const wallM = span.wall === 'back' || span.wall === 'front' ? widthM : depthM;
      const { fromM, toM } = span;
      if (fromM >= toM)
        put([...path, 'fromM'], fromM, `${name}.fromM ${fromM} must be below ${name}.toM ${toM}`);
      if (toM > wallM)
        put([...path, 'toM'], toM, `${name}.toM ${toM} must be from 0 to the wall’s ${wallM} m`);
    };
    checkSpan('door', ['door'], door);
    windows.forEach((w, i) => {
      const name = `windows.${i}`;
      checkSpan(name, ['windows', i], w);
      if (w.sillM >= w.headM)
        put(
          ['windows', i, 'sillM'],
          w.sillM,
          `${name}.sillM ${w.sillM} must be below ${name}.headM ${w.headM}`,
        );
    });
    furniture.forEach((piece, i) => {
      for (const [name, mostM] of [
        ['fromLeftM', widthM],
        ['fromBackM', depthM],
      ] as const)
        if (piece[name] > mostM)
          put(
            ['furniture', i, name],
            piece[name],
            `furniture.${i}.${name} ${piece[name]} must be from 0 to ${mostM} m`,
          );
    });
    if (backdrop && backdrop.kind !== 'outdoors' && backdrop.behindM > markToBackM)
      put(
        ['backdrop', 'behindM'],
        backdrop.behindM,
        `backdrop.behindM ${backdrop.behindM} must be from 0.2 to the wall behind the mark, ${markToBackM} m`,
      );
  });
export type Room = z.infer<typeof roomSchema>;

/** A background is left alone by the light on the sitter from here on, metres (rule of thumb). */
const FROM_BACK_M = 2;

/** A room of which two lengths are known: the mark in the middle, away from the back wall, a door near the front. */
export function usualRoom(name: string, widthM: number, depthM: number): Room {
  return {
    name,
    widthM,
    depthM,
    markToBackM: Math.min(FROM_BACK_M, depthM / 4),
    markToLeftM: widthM / 2,
    door: { wall: 'right', words: 'door', fromM: 0.75 * depthM, toM: 0.875 * depthM },
  };
}

/** What lies behind and under the sitter in a room. */
export function groundOf(room: Room): Ground {
  const { markToBackM, backdrop, wallTone = 'grey', floorTone = 'grey', furniture = [] } = room;
  const toned = (tone: keyof typeof GROUND_TONES): Vec3 => [...GROUND_TONES[tone].reflectance];
  const bare: Ground = {
    ...plainGround(markToBackM),
    wall: toned(wallTone),
    background: toned(wallTone),
    floor: toned(floorTone),
    furniture: furnitureOnSet(furniture, room),
  };
  if (!backdrop) return bare;
  const isOutdoors = backdrop.kind === 'outdoors';
  return {
    ...bare,
    backgroundM: backdrop.behindM,
    halfWidthM: isOutdoors ? Infinity : backdrop.widthM / 2,
    wallM: isOutdoors ? backdrop.behindM : markToBackM,
    sweeps: BACKDROPS[backdrop.kind].sweeps,
    background: toned(backdrop.tone),
  };
}

/** A door where no height is said, metres. */
const DOOR_HEAD_M = 2.1;

/** An opening in a wall through which light falls, in the set. */
export interface Opening {
  words: string;
  /** Its middle, metres. */
  centre: Vec3;
  /** Unit vector into the room. */
  inwards: Vec3;
  widthM: number;
  heightM: number;
}

function placed(
  room: Room,
  span: Pick<RoomWindow, 'wall' | 'fromM' | 'toM'>,
): { centre: Vec3; inwards: Vec3 } {
  const along = (span.fromM + span.toM) / 2;
  const x = along - room.markToLeftM;
  const z = along - room.markToBackM;
  switch (span.wall) {
    case 'back':
      return { centre: [x, 0, -room.markToBackM], inwards: [0, 0, 1] };
    case 'front':
      return { centre: [x, 0, room.depthM - room.markToBackM], inwards: [0, 0, -1] };
    case 'left':
      return { centre: [-room.markToLeftM, 0, z], inwards: [1, 0, 0] };
    case 'right':
      return { centre: [room.widthM - room.markToLeftM, 0, z], inwards: [-1, 0, 0] };
  }
}

/** Every opening of a room that lets light in, the door as it stands open first. */
export function openingsOf(room: Room): Opening[] {
  const { door, windows = [] } = room;
  return [{ ...door, sillM: 0, headM: door.headM ?? DOOR_HEAD_M }, ...windows].map((span) => {
    const { centre, inwards } = placed(room, span);
    return {
      words: span.words,
      centre: [centre[0], (span.sillM + span.headM) / 2, centre[2]],
      inwards,
      widthM: span.toM - span.fromM,
      heightM: span.headM - span.sillM,
    };
  });
}

/**
 * Whether light from a direction of the sky falls through an opening on a place of the room.
 * @param towards unit vector from the set to the sky.
 */
export function fallsThrough({ centre, inwards, widthM, heightM }: Opening, towards: Vec3, p: Vec3): boolean {
  const against = -(towards[0] * inwards[0] + towards[2] * inwards[2]);
  if (against <= 0) return false;
  const off = (centre[0] - p[0]) * inwards[0] + (centre[2] - p[2]) * inwards[2];
  const far = -off / against;
  if (far <= 0) return false;
  const [x, y, z] = [p[0] + towards[0] * far, p[1] + towards[1] * far, p[2] + towards[2] * far];
  const aside = Math.abs(inwards[2]) > 0.5 ? x - centre[0] : z - centre[2];
  return Math.abs(aside) <= widthM / 2 && Math.abs(y - centre[1]) <= heightM / 2;
}
