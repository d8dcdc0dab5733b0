import { z } from 'zod';
import { roleSchema } from '../checks';
import { otherSide } from '../units';

interface CarryRow {
  words: string;
  /** Turned against the hips of whoever carries, to the left, where the left side carries, degrees (from memory). */
  turnLeftDeg: number;
}

/** Where on somebody one is carried. Of hip and lap a side is said. */
const ROWS = {
  hip: { words: 'on the hip', turnLeftDeg: -62 },
  lap: { words: 'on the lap', turnLeftDeg: -66 },
  back: { words: 'on the back', turnLeftDeg: 0 },
  shoulders: { words: 'on the shoulders', turnLeftDeg: 0 },
} as const satisfies Record<string, CarryRow>;

export type CarryPlace = keyof typeof ROWS;
export const CARRY_PLACES: Readonly<Record<CarryPlace, CarryRow>> = ROWS;
export const CARRY_PLACE_IDS = Object.keys(ROWS) as CarryPlace[];

/** By whom somebody is carried, where, on which of that one's own sides, and how they are turned against those hips. */
export const carrySchema = z.strictObject({
  role: roleSchema,
  on: z.enum(CARRY_PLACE_IDS),
  side: z.enum(['left', 'right']),
  turnLeftDeg: z.number().min(-180).max(180),
});
export type Carry = z.infer<typeof carrySchema>;

/** Carried as one usually is on a place. */
export function usualCarry(role: string, on: CarryPlace, side: Carry['side'] = 'left'): Carry {
  const { turnLeftDeg } = CARRY_PLACES[on];
  return { role, on, side, turnLeftDeg: side === 'left' ? turnLeftDeg : -turnLeftDeg || 0 };
}

/** The carrying as it is in a mirror. */
export function mirrorCarry(carry: Carry): Carry {
  return { ...carry, side: otherSide(carry.side), turnLeftDeg: -carry.turnLeftDeg || 0 };
}
