'use client';

import { useState } from 'react';
import { FEATURE_IDS, GOAL_IDS, type GoalStep, type Wish } from '@/core/adapt';
import { SelectField } from '@/ui/fields/SelectField';
import { twoDecimals } from '@/ui/fields/decimal';
import { studio } from '@/workers/studioClient';
import { changeWords } from '../readings/findingWords';
import { wishKey, wishWords } from './furtherWords';
import type { InHand } from './inHand';
import { ProposedShot } from './ProposedShot';
import { SearchShare } from './SearchShare';
import { useSearch } from './useSearch';

const WISHES: readonly Wish[] = [
  ...GOAL_IDS.map((goal): Wish => ({ goal })),
  ...(['show', 'hide'] as const).flatMap((goal) => FEATURE_IDS.map((feature): Wish => ({ goal, feature }))),
];

function GoalSteps({ found, inHand: { profile, shot, take } }: { found: GoalStep[]; inHand: InHand }) {
  if (found.length === 0)
    return <p className="quiet py-2">No small change does it without raising a finding.</p>;
  return (
    <ul className="mt-3 flex flex-wrap gap-x-4 gap-y-5" data-testid="goal-steps">
      <ProposedShot profile={profile} shot={shot} title="as it is" />
      {found.map((step) => (
        <ProposedShot
          key={step.changes.map(changeWords).join()}
          profile={profile}
          shot={step.shot}
          title={`${twoDecimals(step.from)} to ${twoDecimals(step.to)} ${step.unit}`}
          onTake={() => take(step.shot)}
        >
          <p>{step.changes.map(changeWords).join('; ')}</p>
        </ProposedShot>
      ))}
    </ul>
  );
}

/** The changes that do most for what is wished, the cheapest first. */
export function Goals({ inHand }: { inHand: InHand }) {
  const { profile, shot, wishes } = inHand;
  const [wish, setWish] = useState<Wish | null>(null);
  const { share, found, refused, run, callOff } = useSearch<GoalStep[]>();
  function choose(key: string) {
    const chosen = WISHES.find((w) => wishKey(w) === key) ?? null;
    setWish(chosen);
    if (chosen) run((onShare) => studio('backstage').towards(profile, shot, chosen, wishes, onShare));
  }
  return (
    <>
      <SelectField
        label="the picture should be, or do"
        className="mt-2 max-w-xs"
        value={wish ? wishKey(wish) : ''}
        onChange={(e) => choose(e.target.value)}
        options={[['', 'choose'], ...WISHES.map((w) => [wishKey(w), wishWords(w)] as const)]}
      />
      {share !== null && <SearchShare words="Looking for what does most" share={share} onStop={callOff} />}
      {refused && <p role="alert">{refused}</p>}
      {found && <GoalSteps found={found} inHand={inHand} />}
    </>
  );
}
