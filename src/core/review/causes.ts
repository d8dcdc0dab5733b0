import type { Finding } from './review';
import { isAtLeast } from './rule';
import type { RuleId } from './rules';

/**
 * What goes with what: whoever mends the first mends the others. Kept is what a sound reason explains and what in the
 * example scenes on three bodies went with it in nine of ten and more.
 */
export const CAUSES: Readonly<Partial<Record<RuleId, readonly RuleId[]>>> = {
  'square-shoulders': ['all-one-way', 'feet-at-lens'],
  'legs-at-lens': ['square-shoulders', 'all-one-way'],
  'tucked-pelvis': ['rounded-back'],
  'hands-idle': ['hands-level', 'mirrored-arms'],
  'hands-level': ['mirrored-arms'],
  'gaze-far': ['turned-stiffly'],
  'lamp-in-frame': ['gaze-into-key'],
};

/** A finding, and what goes with it. */
export interface Cause {
  finding: Finding;
  withIt: Finding[];
}

/** Whether one finding goes with another. What matters more than its cause, and what is told for care, is told itself. */
function goesWith(finding: Finding, cause: Finding): boolean {
  const isExplained = CAUSES[cause.ruleId]?.includes(finding.ruleId) ?? false;
  return isExplained && !finding.isForCare && isAtLeast(cause.grade, finding.grade);
}

/** Findings of one cause under it, in the order of the causes; what one explains that is itself explained goes to the first. */
export function byCause(findings: readonly Finding[]): Cause[] {
  const causeOf = (finding: Finding): Finding => {
    const cause = findings.find((other) => goesWith(finding, other));
    return cause ? causeOf(cause) : finding;
  };
  const causes = new Map<Finding, Finding[]>();
  for (const finding of findings) {
    const cause = causeOf(finding);
    const withIt = causes.get(cause) ?? [];
    causes.set(cause, finding === cause ? withIt : [...withIt, finding]);
  }
  const inOrder = findings.filter((finding) => causes.has(finding));
  return inOrder.map((finding) => ({ finding, withIt: causes.get(finding)! }));
}
