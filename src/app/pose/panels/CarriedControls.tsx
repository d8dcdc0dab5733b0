'use client';

import { Trash2 } from 'lucide-react';
import { carriedIn, ownSupport } from '@/core/library';
import {
  CARRIED,
  CARRIED_NAMES,
  CROSSING_NAMES,
  CROSSINGS,
  restPlaceOf,
  restPlacesFor,
  LEG_MODES,
  legModes,
  restingOn,
  type Carried,
  type RestPlace,
  type Pose,
} from '@/core/pose';
import {
  MOST_SUPPORTS,
  placesOf,
  SUPPORT_KINDS,
  supportAt,
  SUPPORTS,
  type Support,
  type SupportKindName,
} from '@/core/scene';
import { otherSide, type Side } from '@/core/units';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { Choice } from '@/ui/fields/Choice';
import { usePoseStore } from '@/take/poseStore';
import { LEG_WORDS } from '../legWords';

const KIND_WORDS = Object.fromEntries(SUPPORT_KINDS.map((k) => [k, SUPPORTS[k].words])) as Record<
  SupportKindName,
  string
>;
const CARRIED_WORDS = Object.fromEntries(CARRIED_NAMES.map((c) => [c, CARRIED[c].words])) as Record<
  Carried,
  string
>;
const REST_WORDS: Record<RestPlace, string> = {
  floor: 'the floor',
  seat: 'the seat',
  armrest: 'the armrest',
};
/** Names of sizes as they are stored say what they are: `seatHeightM` is the seat's height. */
function sizeWords(name: string): string {
  return name.replace(/M$/, '').replace(/[A-Z]/g, (c) => ` ${c.toLowerCase()}`);
}

function SupportControls({
  support,
  onChange,
  onRemove,
}: {
  support: Support;
  onChange(support: Support): void;
  onRemove(): void;
}) {
  const { setDragging } = usePoseStore.getState();
  const { words, sizes } = SUPPORTS[support.kind];
  const place = (name: 'leftM' | 'aheadM', label: string, ends: [string, string]) => (
    <NumberSlider
      label={`${words}, ${label}`}
      short={label}
      value={support[name]}
      min={-1.5}
      max={1.5}
      step={0.02}
      unit="m"
      ends={ends}
      neutral={0}
      onChange={(v) => onChange({ ...support, [name]: v })}
      onDrag={setDragging}
    />
  );
  return (
    <fieldset className="min-w-0 border border-base-300 bg-base-100 px-2 py-1">
      <legend className="sr-only">{words}</legend>
      <div className="flex items-center justify-between gap-1 font-bold">
        <span className="first-letter:uppercase">{words}</span>
        <button type="button" aria-label={`Take away the ${words}`} className="p-1.5" onClick={onRemove}>
          <Trash2 size={14} aria-hidden />
        </button>
      </div>
      <NumberSlider
        label={`${words}, turned`}
        short="turned"
        value={support.turnLeftDeg}
        min={-180}
        max={180}
        step={5}
        unit="°"
        ends={['right', 'left']}
        neutral={0}
        onChange={(turnLeftDeg) => onChange({ ...support, turnLeftDeg })}
        onDrag={setDragging}
      />
      <div className="grid grid-cols-2 gap-x-4">
        {place('leftM', 'aside', ['right', 'left'])}
        {place('aheadM', 'ahead', ['back', 'front'])}
        {Object.entries(sizes).map(([name, [min, max, usual]]) => (
          <NumberSlider
            key={name}
            label={`${words}, ${sizeWords(name)}`}
            short={sizeWords(name)}
            value={support.sizesM?.[name] ?? usual}
            min={min}
            max={max}
            step={0.01}
            unit="m"
            neutral={usual}
            onChange={(v) => onChange({ ...support, sizesM: { ...support.sizesM, [name]: v } })}
            onDrag={setDragging}
          />
        ))}
      </div>
    </fieldset>
  );
}

/** On what the body is, where there is more than one thing to be on. */
function RestControl({ pose }: { pose: Pose }) {
  const { setPose } = usePoseStore.getState();
  const places = restPlacesFor(pose.support, placesOf(pose.objects ?? []));
  const place = restPlaceOf(pose);
  if (!place || places.length < 2) return null;
  return (
    <Choice
      label="on"
      value={place}
      options={places}
      words={REST_WORDS}
      onChange={(next) => setPose(restingOn(pose, next))}
    />
  );
}

/** How the body is carried, and the supports that stand on the set. */
export function CarriedControls({ pose, wheelchairSeatM }: { pose: Pose; wheelchairSeatM?: number }) {
  const { setPose } = usePoseStore.getState();
  const objects = pose.objects ?? [];
  const setObjects = (next: Support[]) => {
    const { objects: _, ...rest } = pose;
    setPose(next.length > 0 ? { ...rest, objects: next } : rest);
  };
  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        <Choice
          label="carried"
          value={pose.support}
          options={CARRIED_NAMES}
          words={CARRIED_WORDS}
          onChange={(support) => setPose(carriedIn(pose, support))}
        />
        {objects.length < MOST_SUPPORTS && (
          <Choice<SupportKindName | 'none'>
            label="add"
            value="none"
            options={['none', ...SUPPORT_KINDS]}
            words={{ none: 'a support', ...KIND_WORDS }}
            onChange={(kind) =>
              kind !== 'none' && setObjects([...objects, ownSupport(supportAt(kind), wheelchairSeatM)])
            }
          />
        )}
        <RestControl pose={pose} />
      </div>
      {objects.map((support, i) => (
        <SupportControls
          key={i}
          support={support}
          onChange={(next) => setObjects(objects.map((o, j) => (j === i ? next : o)))}
          onRemove={() => setObjects(objects.filter((_, j) => j !== i))}
        />
      ))}
    </>
  );
}

type CrossChoice = 'none' | `${Side}:${(typeof CROSSING_NAMES)[number]}`;
const CROSS_CHOICES: CrossChoice[] = [
  'none',
  ...CROSSING_NAMES.flatMap((how) =>
    (['left', 'right'] as const).map((side): CrossChoice => `${side}:${how}`),
  ),
];
const CROSS_WORDS = Object.fromEntries(
  CROSS_CHOICES.map((c) => {
    if (c === 'none') return [c, 'not crossed'];
    const [side, how] = c.split(':') as [Side, (typeof CROSSING_NAMES)[number]];
    return [c, `${CROSSINGS[how]}, ${side} over ${otherSide(side)}`];
  }),
) as Record<CrossChoice, string>;

/** What each leg does, and how the legs are crossed. */
export function LegControls({ pose }: { pose: Pose }) {
  const { setPose } = usePoseStore.getState();
  const modes = legModes(pose);
  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        {(['right', 'left'] as const).map((side) => (
          <Choice
            key={side}
            label={`${side} leg`}
            value={modes[side]}
            options={LEG_MODES}
            words={LEG_WORDS}
            onChange={(mode) => setPose({ ...pose, legs: { ...modes, [side]: mode } })}
          />
        ))}
      </div>
      <Choice<CrossChoice>
        label="crossed"
        value={pose.crossed ? `${pose.crossed.over}:${pose.crossed.how}` : 'none'}
        options={CROSS_CHOICES}
        words={CROSS_WORDS}
        onChange={(choice) => {
          const { crossed: _, ...rest } = pose;
          if (choice === 'none') return setPose(rest);
          const [over, how] = choice.split(':') as [Side, (typeof CROSSING_NAMES)[number]];
          setPose({ ...rest, crossed: { how, over } });
        }}
      />
    </>
  );
}
