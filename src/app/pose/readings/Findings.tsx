'use client';

import { useState } from 'react';
import { byCause, type Cause, type Finding } from '@/core/review';
import { FindingDetail, type Mending } from './FindingDetail';
import { GradeMark } from '@/ui/review/GradeMark';

/** Most findings that are told under the first: more than that nobody mends on set. */
const MOST_TOLD = 6;

type ToldProps = Cause & { mending: Mending };

/** What goes with a finding and is not told by itself. */
function WithIt({ withIt }: Pick<Cause, 'withIt'>) {
  if (withIt.length === 0) return null;
  return (
    <p className="quiet mt-1 text-xs" data-with={withIt.map((f) => f.id).join('|')}>
      With it goes: {withIt.map((f) => f.title.toLowerCase()).join('; ')}.
    </p>
  );
}

/** The one thing to mend now. */
function FirstFinding({ finding, withIt, mending }: ToldProps) {
  return (
    <li className="rule-b py-2" data-finding={finding.id}>
      <p className="quiet flex items-baseline gap-1.5 text-xs">
        <GradeMark grade={finding.grade} />
        <span>first: {finding.station}</span>
      </p>
      <h3 className="mt-0.5 font-serif text-[19px] leading-tight">{finding.title}</h3>
      <FindingDetail finding={finding} mending={mending} />
      <WithIt withIt={withIt} />
    </li>
  );
}

/** A finding that comes later, folded to a line. */
function LaterFinding({ finding, withIt, mending }: ToldProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <li className="rule-b flex gap-2 py-1" data-finding={finding.id}>
      <GradeMark grade={finding.grade} />
      <div className="min-w-0 flex-1">
        <h3>
          <button
            type="button"
            className="min-h-7 w-full text-left text-sm leading-tight aria-expanded:font-bold"
            aria-expanded={isOpen}
            onClick={() => setOpen(!isOpen)}
          >
            {finding.title}
            {withIt.length > 0 && <span className="quiet"> and {withIt.length} with it</span>}
          </button>
        </h3>
        {isOpen && <FindingDetail finding={finding} mending={mending} />}
        {isOpen && <WithIt withIt={withIt} />}
      </div>
    </li>
  );
}

interface FindingsProps {
  /** In the order of the work. */
  findings: readonly Finding[];
  mending: Mending;
}

/** Each by itself, whatever its cause. */
const apart = (findings: readonly Finding[]): Cause[] => findings.map((finding) => ({ finding, withIt: [] }));

/**
 * One finding large, the next ones folded to a line each, what goes with one under it, the rest behind a button. A
 * phone shows the first alone.
 */
export function Findings({ findings, mending }: FindingsProps) {
  const [isAll, setAll] = useState(false);
  const [first, ...later] = isAll ? apart(findings) : byCause(findings);
  const isFolded = later.length > MOST_TOLD || 1 + later.length < findings.length;
  const shown = isAll ? later : later.slice(0, MOST_TOLD);
  return (
    <>
      <ul
        data-testid="findings"
        data-all={findings.map((f) => f.id).join('|')}
        className={isAll ? '' : 'max-sm:[&>li:nth-child(n+2)]:hidden'}
      >
        {first && <FirstFinding key={first.finding.id} {...first} mending={mending} />}
        {shown.map((cause) => (
          <LaterFinding key={cause.finding.id} {...cause} mending={mending} />
        ))}
      </ul>
      {findings.length > 1 && (
        <button
          type="button"
          className={`link-act ${isAll || isFolded ? '' : 'sm:hidden'}`}
          aria-expanded={isAll}
          onClick={() => setAll(!isAll)}
        >
          {isAll ? 'Fewer' : `All ${findings.length} findings`}
        </button>
      )}
    </>
  );
}
