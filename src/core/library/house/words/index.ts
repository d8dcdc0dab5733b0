import type { Pose } from '../../../pose';
import { FRENCH } from './french';
import { GERMAN, type HousePoseName } from './german';
import { SPANISH } from './spanish';

/** A pose of the house with its introduction in every language. */
export function inEveryLanguage(pose: Pose): Pose {
  const name = pose.name as HousePoseName;
  return { ...pose, wordsIn: { de: GERMAN[name], fr: FRENCH[name], es: SPANISH[name] } };
}
