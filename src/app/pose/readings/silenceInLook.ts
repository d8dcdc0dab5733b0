import { withSilence } from '@/core/brief';
import type { Take } from '@/core/sitting';
import { changeSitting, database } from '@/data';
import { doNow } from '@/keeping';

/** A rule is not asked any more in the look of a take, for a reason; without one it is asked again. */
export function silenceInLook({ sittingId, lookId }: Take, ruleId: string, reason: string | null): void {
  doNow('brief', () =>
    changeSitting(database, sittingId, (now) => ({
      ...now,
      looks: now.looks.map((look) => (look.id === lookId ? withSilence(look, ruleId, reason) : look)),
    })),
  );
}
