import type { Lengths } from '../../bones/proportions';
import { mix, type Piece } from '../../pieces/piece';
import type { BodyProfile } from '../../said/profile';
import type { HeadModel } from '../headModel';
import { faceTones } from '../looks/usualTones';
import { bladesPiece } from './blades';
import { beardOf } from '../looks/beard';
import { beardHairs } from './beardHairs';
import { browHairs } from './browHairs';
import { lashHairs } from './lashHairs';

/** Brows, lashes and a beard as hairs. */
export function hairsOfFace(profile: BodyProfile, lengths: Lengths, model: HeadModel): Piece[] {
  const { hair, skin } = profile.tones;
  const { brows } = faceTones(profile);
  const beard = beardOf(profile);
  return [
    bladesPiece(browHairs(profile, lengths, model), model, mix(brows, skin, 0.2)),
    bladesPiece(lashHairs(lengths, model), model, mix(hair, [0.02, 0.015, 0.012], 0.6)),
    ...(beard === 'none' ? [] : [bladesPiece(beardHairs(beard, lengths, model), model, hair)]),
  ];
}
