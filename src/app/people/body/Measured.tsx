import { GIRTH_NAMES, GIRTH_RANGES, LENGTH_NAMES, LENGTH_RANGES } from '@/core/body';
import { BodyNumber } from './BodyNumber';
import type { Measures } from '@/workers/studio.worker';

/** Girths by the tape; what is left empty shows what follows. */
export function Girths({ measures }: { measures: Measures | null }) {
  return (
    <fieldset>
      <legend className="font-bold">With the tape</legend>
      <p className="quiet text-xs">What is left empty follows from the rest; its figure is shown.</p>
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
        {GIRTH_NAMES.map((name) => (
          <BodyNumber
            key={name}
            name={`profile.girthsM.${name}`}
            label={GIRTH_RANGES[name].words}
            kind="length"
            optional
            min={GIRTH_RANGES[name].min}
            max={GIRTH_RANGES[name].max}
            placeholder={measures?.girthsM[name]}
          />
        ))}
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
        {LENGTH_NAMES.map((name) => (
          <BodyNumber
            key={name}
            name={`profile.lengthsM.${name}`}
            label={LENGTH_RANGES[name].words}
            kind="length"
            optional
            min={LENGTH_RANGES[name].min}
            max={LENGTH_RANGES[name].max}
            placeholder={measures?.lengthsM[name]}
          />
        ))}
      </div>
    </fieldset>
  );
}
