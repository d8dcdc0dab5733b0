import type { Lengths } from '../../bones/proportions';
import { mix, type Piece } from '../../pieces/piece';
import type { BodyProfile } from '../../said/profile';
import type { HeadModel } from '../headModel';
import { faceTones } from '../usualTones';
import { bladesPiece } from './blades';
import { browHairs } from './browHairs';
import { lashHairs } from './lashHairs';

/** Brows and lashes as hairs. */
export function browsAndLashes(profile: BodyProfile, lengths: Lengths, model: HeadModel): Piece[] {
  const { hair, skin } = profile.tones;
  const { brows } = faceTones(profile);
  return [
    bladesPiece(browHairs(profile, lengths, model), model, mix(brows, skin, 0.2)),
    bladesPiece(lashHairs(lengths, model), model, mix(hair, [0.02, 0.015, 0.012], 0.6)),
  ];
}
