import { forSitter, type Fitted } from '@/core/library';
import type { Pose } from '@/core/pose';
import { shotOfOne, soloShot, withSolo } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { addTake, database, saveTake, sitterIn, type WholeSitting } from '@/data';
import { doNow } from '@/keeping';
import { useFitAdded } from './useFitAdded';

/** A picture with what a fit came to. */
function withFitted(take: Take, { shot }: Pick<Fitted, 'shot'>): Take {
  return { ...take, shot: withSolo(take.shot, { ...soloShot(take.shot), ...shot }) };
}

/** Brings poses into a run, at its end or in the place of another, each for one of its people, and fits them. */
export function useAddPose(whole: WholeSitting) {
  const { takes, sitting, people } = whole;
  const { fit, ...fitState } = useFitAdded(sitting);

  function add(pose: Pose, personId: string) {
    const like = takes.at(-1);
    const sitter = people.find((p) => p.id === personId);
    if (!like || !sitter) return;
    const before = soloShot(like.shot);
    const own = forSitter(pose, sitter.profile.wheelchairSeatM);
    const shot = shotOfOne(sitter.id, { ...before, pose: own });
    const added = { ...like, id: crypto.randomUUID(), meant: [], shot };
    // where it was changed or removed meanwhile, that stands
    const done = (take: Take) =>
      fit({ take, pose, sitter, before }, (fitted) => {
        if (fitted)
          doNow('newPose', () => saveTake(database, take, withFitted(take, fitted)), {
            refused: () => undefined,
          });
      });
    doNow('newPose', () => addTake(database, added), { done });
  }

  /** @param done hears of the picture as it is then, to take it back. */
  function replace(take: Take, pose: Pose, done: (other: Take) => void) {
    const sitter = sitterIn(whole, take);
    if (!sitter) return;
    const before = soloShot(take.shot);
    const own = forSitter(pose, sitter.profile.wheelchairSeatM);
    fit({ take, pose, sitter, before }, (fitted) => {
      const other = { ...withFitted(take, fitted ?? { shot: { ...before, pose: own } }), meant: [] };
      doNow('pose', () => saveTake(database, take, other), { done: () => done(other) });
    });
  }
  return { add, replace, ...fitState };
}
