'use client';

import { GROUND_TONE_IDS, GROUND_TONES, type GroundTone } from '@/core/scene';
import { Choice } from '@/ui/fields/Choice';

const TONE_WORDS = Object.fromEntries(GROUND_TONE_IDS.map((id) => [id, GROUND_TONES[id].words])) as Record<
  GroundTone,
  string
>;

interface ToneChoiceProps {
  label: string;
  value: GroundTone;
  onChange(tone: GroundTone): void;
}

/** The tone of a wall, a floor or a backdrop. */
export function ToneChoice({ label, value, onChange }: ToneChoiceProps) {
  return (
    <Choice label={label} value={value} options={GROUND_TONE_IDS} words={TONE_WORDS} onChange={onChange} />
  );
}
