'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import {
  hasManners,
  LANGUAGES,
  USUAL_VOICE,
  VOICES,
  type Manner,
  type Sitter,
  type Voice,
} from '@/core/people';
import { optionsOf, SelectField } from '@/ui/fields/SelectField';

const MANNER_WORDS: Record<Manner, string> = { familiar: 'familiar', polite: 'polite' };

const keyOf = ({ language, manner }: Voice) => `${language}-${manner}`;
const VOICE_OF = new Map(VOICES.map((voice) => [keyOf(voice), voice]));

function wordsOf({ language, manner }: Voice): string {
  return hasManners(language) ? `${LANGUAGES[language]}, ${MANNER_WORDS[manner]}` : LANGUAGES[language];
}

/** In which language, and how, directions are said to this sitter. */
export function VoiceField() {
  const { setValue, control } = useFormContext<Sitter>();
  const voice = useWatch({ control, name: 'voice' }) ?? USUAL_VOICE;
  return (
    <SelectField
      label="Directions said in"
      options={optionsOf([...VOICE_OF.keys()], (key) => wordsOf(VOICE_OF.get(key)!))}
      value={keyOf(voice)}
      onChange={(e) => setValue('voice', VOICE_OF.get(e.target.value))}
    />
  );
}
