import { GIRTH_NAMES, GIRTH_RANGES, LENGTH_NAMES, LENGTH_RANGES } from '@/core/body';
import type { Measures } from '@/workers/studio/bodies';
import { BodyNumber } from './BodyNumber';

/** What can be measured with a tape, in the order of the record. */
const MEASURED = [
  ...GIRTH_NAMES.map((name) => ({ of: 'girthsM', name, ...GIRTH_RANGES[name] }) as const),
  ...LENGTH_NAMES.map((name) => ({ of: 'lengthsM', name, ...LENGTH_RANGES[name] }) as const),
];
type Measured = (typeof MEASURED)[number];

function modelled(measures: Measures | null, { of, name }: Measured): number | undefined {
  return of === 'girthsM' ? measures?.girthsM[name] : measures?.lengthsM[name];
}

interface MeasuredFieldsProps {
  of: Measured['of'];
  /** What the body has where nothing was measured. */
  measures: Measures | null;
}

function MeasuredFields({ of, measures }: MeasuredFieldsProps) {
  return MEASURED.filter((m) => m.of === of).map((m) => (
    <BodyNumber
      key={m.name}
      name={m.of === 'girthsM' ? `profile.girthsM.${m.name}` : `profile.lengthsM.${m.name}`}
      label={m.words}
      kind="length"
      optional
      min={m.min}
      max={m.max}
      placeholder={modelled(measures, m)}
    />
  ));
}

/** Girths by the tape; what is left empty shows what follows. */
export function Girths({ measures }: { measures: Measures | null }) {
  return (
    <fieldset>
      <legend className="font-bold">With the tape</legend>
      <p className="quiet text-xs">What is left empty follows from the rest; its figure is shown.</p>
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
        <MeasuredFields of="girthsM" measures={measures} />
      </div>
    </fieldset>
  );
}

/** Lengths by the tape. */
export function Lengths({ measures }: { measures: Measures | null }) {
  return (
    <fieldset>
      <legend className="font-bold">Lengths</legend>
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
        <MeasuredFields of="lengthsM" measures={measures} />
      </div>
    </fieldset>
  );
}
