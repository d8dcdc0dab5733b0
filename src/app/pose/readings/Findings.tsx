'use client';

import { useState } from 'react';
import type { Finding } from '@/core/review';
import { FindingDetail, type Mending } from './FindingDetail';
import { GradeMark } from '@/ui/review/GradeMark';

/** Most findings that are told under the first: more than that nobody mends on set. */
const MOST_TOLD = 6;

/** The one thing to mend now. */
function FirstFinding({ finding, mending }: { finding: Finding; mending: Mending }) {
  return (
    <li className="rule-b py-2" data-finding={finding.id}>
      <p className="quiet flex items-baseline gap-1.5 text-xs">
        <GradeMark grade={finding.grade} />
        <span>first: {finding.station}</span>
      </p>
      <h3 className="mt-0.5 font-serif text-[19px] leading-tight">{finding.title}</h3>
      <FindingDetail finding={finding} mending={mending} />
    </li>
  );
}

/** A finding that comes later, folded to a line. */
function LaterFinding({ finding, mending }: { finding: Finding; mending: Mending }) {
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
          </button>
        </h3>
        {isOpen && <FindingDetail finding={finding} mending={mending} />}
      </div>
    </li>
  );
}

interface FindingsProps {
  /** In the order of the work. */
  findings: readonly Finding[];
  mending: Mending;
}

/** One finding large, the next ones folded to a line each, the rest behind a button. A phone shows the first alone. */
export function Findings({ findings, mending }: FindingsProps) {
  const [isAll, setAll] = useState(false);
  const [first, ...later] = findings;
  const shown = isAll ? later : later.slice(0, MOST_TOLD);
  return (
    <>
      <ul
        data-testid="findings"
        data-all={findings.map((f) => f.id).join('|')}
        className={isAll ? '' : 'max-sm:[&>li:nth-child(n+2)]:hidden'}
      >
        {first && <FirstFinding key={first.id} finding={first} mending={mending} />}
        {shown.map((f) => (
          <LaterFinding key={f.id} finding={f} mending={mending} />
        ))}
      </ul>
      {later.length > 0 && (
        <button
          type="button"
          className={`link-act ${later.length > MOST_TOLD ? '' : 'sm:hidden'}`}
          aria-expanded={isAll}
          onClick={() => setAll(!isAll)}
        >
          {isAll ? 'Fewer' : `All ${findings.length} findings`}
        </button>
      )}
    </>
  );
}
