import type { Vec3 } from '../../units';
import type { Lengths } from '../bones/proportions';
import { eyeCentre, headToBind } from '../bones/skeleton';
import type { BodyFields } from '../fields/bodyField';
import type { PieceMoves } from '../pieces/piece';
import type { BodyProfile } from '../said/profile';
import { FACE_MOVE_NAMES } from '../skin/expression';
import type { Mesh } from '../skin/surfaceNets';
import { settle } from './cage/settle';
import { headPlaces, neckField } from './cage/headPlaces';
import { controlPoints, skinMesh } from './cage/headSkin';
import { levelOf, type Fineness, type Level } from './cage/levels';
import { looksOf, type Looks } from './looks/looks';
import { maskValues, type MaskName } from './cage/masks';
import { moveShifts } from './cage/moves';

/** One sitter's head at one fineness. */
export interface HeadModel {
  level: Level;
  looks: Looks;
  /** Bind pose, metres. */
  mesh: Mesh;
  moves: PieceMoves;
  mask(name: MaskName): Float64Array;
}

/** Builds the skin of a sitter's head and neck, with what moves it. */
export function headModel(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  fineness: Fineness,
): HeadModel {
  const level = levelOf(fineness);
  const looks = looksOf(profile);
  const places = headPlaces(lengths, fields, looks);
  const mask = (name: MaskName) => level.toSkin(maskValues(name), 1);
  const mesh = skinMesh(
    level,
    controlPoints(places),
    (p) => headToBind(lengths, p),
    (positions) => settle(positions, mask('neck'), neckField(lengths, fields)),
  );
  const head = { places, eye: eyeCentre(lengths, 'left') };
  const wide = lengths.headHeightM * lengths.headBreadthFactor;
  const scale: Vec3 = [wide, lengths.headHeightM, lengths.headHeightM];
  const moves = Object.fromEntries(
    FACE_MOVE_NAMES.map((move) => [
      move,
      Float32Array.from(level.toSkin(moveShifts(move, head), 3), (value, i) => value * scale[i % 3]!),
    ]),
  ) as PieceMoves;
  return { level, looks, mesh, moves, mask };
}
