'use client';

import { PACE_IDS, PACE_ROWS, type OwnPace, type PaceId } from '@/core/sequence';
import { Folded } from '@/ui/fields/Folded';
import { NumberField } from '@/ui/fields/NumberField';
import { usePace } from '@/ui/place/usePace';

function ownWith(own: OwnPace, id: PaceId, seconds: number | undefined): OwnPace {
  const { [id]: _, ...rest } = own;
  return seconds === undefined || seconds === PACE_ROWS[id].usual ? rest : { ...rest, [id]: seconds };
}

/** How long things take: the figures that every run is reckoned by, to be set to the own pace. */
export function PacePart() {
  const { pace, own, setOwn } = usePace();
  const count = Object.keys(own).length;
  const title = count === 0 ? 'How long things take' : `How long things take, ${count} of them your own`;
  return (
    <section className="rule-t mt-4 pt-4">
      <Folded title={title} isSet={false}>
        <p className="quiet text-sm">Seconds. An emptied field is as usual again.</p>
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2 lg:grid-cols-3">
          {PACE_IDS.map((id) => (
            <NumberField
              key={id}
              label={PACE_ROWS[id].words}
              value={pace[id]}
              min={0}
              max={PACE_ROWS[id].most}
              unit="s"
              onChange={(seconds) => setOwn(ownWith(own, id, seconds))}
            />
          ))}
        </div>
      </Folded>
    </section>
  );
}
