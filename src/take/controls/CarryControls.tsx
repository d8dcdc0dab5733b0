'use client';

import { CARRY_PLACE_IDS, CARRY_PLACES, MARK_TURN_RANGE, usualCarry, type Carry } from '@/core/scene';
import { SIDES } from '@/core/units';
import { Choice } from '@/ui/fields/Choice';
import { NumberSlider } from '@/ui/fields/NumberSlider';

const PLACE_WORDS = Object.fromEntries(CARRY_PLACE_IDS.map((id) => [id, CARRY_PLACES[id].words])) as Record<
  Carry['on'],
  string
>;

interface CarryControlsProps {
  carry: Carry;
  onChange(carry: Carry): void;
  onDrag(isDragging: boolean): void;
}

/** How somebody is carried: where on the carrier, on which side, and turned how. */
export function CarryControls({ carry, onChange, onDrag }: CarryControlsProps) {
  const { role, on, side, turnLeftDeg } = carry;
  return (
    <>
      <Choice
        label="sits"
        value={on}
        options={CARRY_PLACE_IDS}
        words={PLACE_WORDS}
        onChange={(to) => onChange(usualCarry(role, to, side))}
      />
      <Choice
        label="on the carrier’s"
        value={side}
        options={SIDES}
        words={{ left: 'left', right: 'right' }}
        onChange={(to) => onChange(usualCarry(role, on, to))}
      />
      <NumberSlider
        label="Carried: turned left"
        short="turned left"
        value={turnLeftDeg}
        {...MARK_TURN_RANGE}
        onChange={(deg) => onChange({ ...carry, turnLeftDeg: deg })}
        onDrag={onDrag}
      />
    </>
  );
}
