import { contactOf, sided, type PairedName, type Pose } from '../../pose';
import type { Side } from '../../units';
import { pose, type MendVariable } from '../rule';

/** What moves an arm: some settings of a free one, the elbow alone of one whose hand is laid somewhere. */
export function movesArm(said: Pose, side: Side, ...free: readonly PairedName[]): MendVariable[] {
  const names: readonly PairedName[] = contactOf(said, side) ? ['ElbowSwivelDeg'] : free;
  return pose(...names.map((name) => sided(side, name)));
}
