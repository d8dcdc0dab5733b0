import { TARGETS, type Target, type TargetId, type WantedRanges } from '@/core/brief';
import { useMemo } from 'react';
import { asShown, EXAMPLE_PROFILE, EXAMPLES, castIn, type Example, type KnownRule } from '@/core/review';
import { twoDecimals } from '@/ui/fields/decimal';
import { GradeMark } from '@/ui/review/GradeMark';
import { PoseThumbnail } from '@/ui/pictures/PoseThumbnail';

/** Pixels of the measuring picture per shown pixel. */
const SCALE = 1;

/** What is wanted of one figure: an end that nothing can pass is not said. */
function rangeWords(id: TargetId, wanted: WantedRanges): string {
  const { unit, min, max }: Target = TARGETS[id];
  const { low, high } = wanted[id];
  if (low <= min && high >= max) return 'anything';
  if (high >= max) return `${twoDecimals(low)} ${unit} or more`;
  if (low <= min) return `${twoDecimals(high)} ${unit} or less`;
  return `${twoDecimals(low)} to ${twoDecimals(high)} ${unit}`;
}

/** The fault, and the like of it without. */
function Pair({ name, example }: { name: string; example: Example }) {
  const profile = useMemo(() => castIn(EXAMPLE_PROFILE, example), [example]);
  return (
    <div className="flex shrink-0 gap-1.5">
      {(
        [
          ['fault', asShown(example, example.faulty)],
          ['without', asShown(example, example.sound)],
        ] as const
      ).map(([words, shot]) => (
        <figure key={words} className="w-24">
          <PoseThumbnail
            profile={profile}
            shot={shot}
            scale={SCALE}
            className="h-36 w-24"
            label={`${name}, ${words}`}
          />
          <figcaption className="quiet text-xs">{words}</figcaption>
        </figure>
      ))}
    </div>
  );
}

interface RuleRowProps {
  rule: KnownRule;
  wanted: WantedRanges;
  /** Whether the school does not ask it. */
  isSilenced: boolean;
}

/** One rule: its name, why it matters, what it wants, and its pair of pictures. */
export function RuleRow({ rule, wanted, isSilenced }: RuleRowProps) {
  const example = EXAMPLES[rule.id];
  return (
    <li className="rule-b flex items-start justify-between gap-4 py-3" data-rule={rule.id}>
      <div className="min-w-0">
        <h3 className="flex items-start gap-2 text-base leading-tight font-bold">
          <GradeMark grade={rule.grade} />
          <span>
            {rule.name}
            {isSilenced && <span className="quiet font-normal"> not asked</span>}
          </span>
        </h3>
        <p className="mt-1 max-w-prose text-sm">{rule.reason}</p>
        <ul className="mt-1 text-sm">
          {rule.reads.map((id) => (
            <li key={id}>
              <span className="quiet">{TARGETS[id].words}:</span> {rangeWords(id, wanted)}
            </li>
          ))}
        </ul>
      </div>
      {example && !example.isOfBlur && <Pair name={rule.name} example={example} />}
    </li>
  );
}
