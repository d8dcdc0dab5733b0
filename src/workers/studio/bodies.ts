import { transfer, type ProxyMarked } from 'comlink';
import {
  bodyFrom,
  girthsOf,
  measurableLengths,
  type BodyProfile,
  type BodySurface,
  type GirthName,
  type LengthName,
  type Misfit,
} from '@/core/body';
import { measuredSurface, surfaceFor } from './standIns';

/** What a modelled body measures, metres. */
export interface Measures {
  girthsM: Record<GirthName, number>;
  lengthsM: Record<LengthName, number>;
  misfits: Misfit[];
}

/** Hears how many pieces of a surface are done. */
export type OnPiece = ((done: number, of: number) => void) & Partial<ProxyMarked>;

function buffersOf(surface: BodySurface): ArrayBuffer[] {
  return Object.values(surface).map((array) => array.buffer as ArrayBuffer);
}

/** Surfaces of sitters, and what they measure. */
export const BODIES = {
  /** Hands the surface over that is measured; its stand-in is kept ready in this worker. */
  async measuredSurface(profile: BodyProfile): Promise<BodySurface> {
    const surface = structuredClone(await measuredSurface(profile));
    return transfer(surface, buffersOf(surface));
  },

  /** Hands the surface over that is drawn. `onPiece` hears of it where it has to be built first. */
  async drawnSurface(profile: BodyProfile, onPiece?: OnPiece): Promise<BodySurface> {
    const { surface } = await surfaceFor(profile, 'drawn', onPiece);
    return transfer(surface, buffersOf(surface));
  },

  /** What the modelled body measures, and the measures that contradict each other. */
  measures(profile: BodyProfile): Measures {
    const body = bodyFrom(profile);
    return {
      girthsM: girthsOf(body.fields, body.lengths),
      lengthsM: measurableLengths(body.lengths),
      misfits: body.misfits,
    };
  },
};
