import { nameOfShot } from '@/core/shot';
import { LAST_MIN, type OrderWishes } from '@/core/sequence';
import type { Take } from '@/core/sitting';
import { Folded } from '@/ui/fields/Folded';
import { NumberField } from '@/ui/fields/NumberField';
import { AddChoice } from '@/ui/fields/AddChoice';

/** The two wishes that are there or not. */
const FLAGS = {
  mustHave: 'must be had',
  staysPut: 'stays at this place',
} as const;
type Flag = keyof typeof FLAGS;
const FLAG_IDS = Object.keys(FLAGS) as Flag[];

/** Wishes with one of them said, or not said any more. */
function wishesWith<K extends keyof OrderWishes>(
  wishes: OrderWishes,
  id: K,
  value: OrderWishes[K] | undefined,
): OrderWishes {
  const { [id]: _, ...rest } = wishes;
  return value === undefined ? rest : { ...rest, [id]: value };
}

export interface WishesPartProps {
  take: Take;
  /** The whole run. */
  takes: readonly Take[];
  onWish(wishes: OrderWishes): void;
}

/** What was asked of a picture's place in the run, in a few words. */
export function wishesWords({ orderWishes: wishes = {} }: Take): string {
  const { fromMin, untilMin, afterIds = [] } = wishes;
  return [
    ...FLAG_IDS.filter((id) => wishes[id]).map((id) => FLAGS[id]),
    ...(fromMin !== undefined ? [`from minute ${fromMin}`] : []),
    ...(untilMin !== undefined ? [`until minute ${untilMin}`] : []),
    ...(afterIds.length > 0
      ? [`after ${afterIds.length === 1 ? 'another' : `${afterIds.length} others`}`]
      : []),
  ].join(' · ');
}

/** Which pictures come before this one. */
function After({ take, takes, onWish }: WishesPartProps) {
  const { orderWishes: wishes = {} } = take;
  const { afterIds = [] } = wishes;
  const said = takes.filter((t) => afterIds.includes(t.id));
  const open = takes.filter((t) => t !== take && !afterIds.includes(t.id));
  const set = (ids: string[]) => onWish(wishesWith(wishes, 'afterIds', ids.length > 0 ? ids : undefined));
  return (
    <div className="max-w-xs">
      {said.map((t) => (
        <p key={t.id} className="flex items-center gap-2">
          <span>after {nameOfShot(t.shot)}</span>
          <button
            type="button"
            className="link-act"
            onClick={() => set(afterIds.filter((id) => id !== t.id))}
          >
            Not any more
          </button>
        </p>
      ))}
      {open.length > 0 && (
        <AddChoice
          label={`${nameOfShot(take.shot)} comes after`}
          empty="comes after"
          options={open.map((t) => [t.id, nameOfShot(t.shot)] as const)}
          onChoose={(id) => set([...afterIds, id])}
        />
      )}
    </div>
  );
}

/** What is asked of a picture's place in the run. */
export function WishesPart(props: WishesPartProps) {
  const { take, onWish } = props;
  const { orderWishes: wishes = {} } = take;
  const name = nameOfShot(take.shot);
  return (
    <Folded title="Its place" isSet={false}>
      <div className="flex flex-wrap gap-x-5 gap-y-2">
        {FLAG_IDS.map((id) => (
          <label key={id} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              checked={wishes[id] ?? false}
              onChange={(e) => onWish(wishesWith(wishes, id, e.target.checked || undefined))}
              aria-label={`${name} ${FLAGS[id]}`}
            />
            {FLAGS[id]}
          </label>
        ))}
      </div>
      <div className="grid max-w-xs grid-cols-2 gap-3">
        <NumberField
          label="not before, min"
          value={wishes.fromMin}
          min={0}
          max={wishes.untilMin ?? LAST_MIN}
          unit="min"
          onChange={(min) => onWish(wishesWith(wishes, 'fromMin', min))}
        />
        <NumberField
          label="not after, min"
          value={wishes.untilMin}
          min={wishes.fromMin ?? 0}
          max={LAST_MIN}
          unit="min"
          onChange={(min) => onWish(wishesWith(wishes, 'untilMin', min))}
        />
      </div>
      <After {...props} />
    </Folded>
  );
}
