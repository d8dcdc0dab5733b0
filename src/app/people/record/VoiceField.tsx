'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import {
  hasManners,
  LANGUAGES,
  PRACTICE_NAMES,
  PRACTICES,
  TONE_NAMES,
  TONES,
  USUAL_PRACTICE,
  USUAL_TONE,
  USUAL_VOICE,
  VOICES,
  type Manner,
  type Practice,
  type Sitter,
  type Tone,
  type Voice,
} from '@/core/people';
import { optionsOf, SelectField } from '@/ui/fields/SelectField';

const MANNER_WORDS: Record<Manner, string> = { familiar: 'familiar', polite: 'polite' };

const keyOf = ({ language, manner }: Voice) => `${language}-${manner}`;
const VOICE_OF = new Map(VOICES.map((voice) => [keyOf(voice), voice]));

function wordsOf({ language, manner }: Voice): string {
  return hasManners(language) ? `${LANGUAGES[language]}, ${MANNER_WORDS[manner]}` : LANGUAGES[language];
}

/** In which language, in what tone, and how much is said to this sitter. */
export function VoiceField() {
  const { setValue, control } = useFormContext<Sitter>();
  const voice = useWatch({ control, name: 'voice' }) ?? USUAL_VOICE;
  const change = (said: Partial<Voice>) => setValue('voice', { ...voice, ...said });
  return (
    <>
      <SelectField
        label="Directions said in"
        options={optionsOf([...VOICE_OF.keys()], (key) => wordsOf(VOICE_OF.get(key)!))}
        value={keyOf(voice)}
        onChange={(e) => change(VOICE_OF.get(e.target.value)!)}
      />
      <SelectField
        label="In a tone that is"
        options={optionsOf(TONE_NAMES, (tone) => TONES[tone].words)}
        value={voice.tone ?? USUAL_TONE}
        onChange={(e) => change({ tone: e.target.value as Tone })}
      />
      <SelectField
        label="For somebody who is"
        options={optionsOf(PRACTICE_NAMES, (practice) => PRACTICES[practice].words)}
        value={voice.practice ?? USUAL_PRACTICE}
        onChange={(e) => change({ practice: e.target.value as Practice })}
      />
    </>
  );
}
