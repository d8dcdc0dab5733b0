import { agreesToTouch } from '@/core/people';
import { touching } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { peopleIn, type WholeSitting } from '@/data';
import { calledOf } from '@/ui/place/namesOf';

/** Who has to be asked before somebody lays a hand on them, and that somebody has no record and is not drawn. */
export function ToldOfPeople({ whole, take }: { whole: WholeSitting; take: Take }) {
  const touched = touching(take.shot).map((p) => p.personId);
  const here = peopleIn(whole, take);
  const toAsk = here.filter((p) => touched.includes(p.id) && !agreesToTouch(p));
  const missing = take.shot.people.length - here.length;
  return (
    <>
      {missing > 0 && (
        <p role="alert" className="text-xs text-error">
          {missing === 1 ? 'The record of one of them is' : `The records of ${missing} of them are`} missing:
          not drawn, and not measured.
        </p>
      )}
      {toAsk.length > 0 && (
        <p className="text-xs">They touch: ask {calledOf(toAsk)} first whether that is all right.</p>
      )}
    </>
  );
}
