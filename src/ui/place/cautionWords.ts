import type { CautionId } from '@/core/library';

/** What is minded before a pose is asked for. */
const CAUTION_WORDS: Readonly<Record<CautionId, string>> = {
  brakesOn: 'brakes on; it is not moved unasked',
  standsFirm: 'see that it stands firm',
  besideHighSeat: 'somebody beside the seat',
  softUnderKnees: 'something soft under the knees',
  handToGetUp: 'a hand to get up',
  secondsOnly: 'for seconds, then a rest',
  restOneLeg: 'not for long on one leg',
};

/** Cautions as one sentence; empty where there are none. */
export function cautionWords(cautions: readonly CautionId[]): string {
  const said = cautions.map((id) => CAUTION_WORDS[id]).join('; ');
  return said && `${said.charAt(0).toUpperCase()}${said.slice(1)}.`;
}
