'use client';

import { useState } from 'react';
import { MIDDLE_MESSAGE, PRESET_NAMES, PRESETS, standardIn, type Preset, type Schooled } from '@/core/brief';
import { STATIONS } from '@/core/pose';
import { RULES, type KnownRule } from '@/core/review';
import { Header } from '@/ui/place/Header';
import { SelectField } from '@/ui/fields/SelectField';
import { SchoolChoice } from '@/ui/review/SchoolChoice';
import { RuleRow } from './RuleRow';

const GROUPS: readonly KnownRule['station'][] = [...STATIONS, 'camera', 'light'];

/** The rules that what is looked for stands in. */
function foundIn(sought: string): KnownRule[] {
  const words = sought.trim().toLowerCase();
  return RULES.filter(({ name, reason, station }) =>
    `${station} ${name} ${reason}`.toLowerCase().includes(words),
  );
}

interface AskedProps {
  sought: string;
  preset: Preset | null;
  schooled: Schooled;
  onSought(sought: string): void;
  onPreset(preset: Preset | null): void;
  onSchool(schooled: Schooled): void;
}

/** What is looked for, and for which message and school the ranges are shown. */
function Asked({ sought, preset, schooled, onSought, onPreset, onSchool }: AskedProps) {
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2 py-3">
      <input
        type="search"
        className="h-9 min-w-0 flex-1 basis-56 border-b border-base-300 bg-transparent text-base"
        aria-label="Find a rule"
        placeholder="find: fist, twist, nostrils"
        value={sought}
        onChange={(e) => onSought(e.target.value)}
      />
      <SelectField
        label="message"
        aria-label="Message"
        value={preset ?? ''}
        onChange={(e) => onPreset(PRESET_NAMES.find((name) => name === e.target.value) ?? null)}
        options={[
          ['', 'no message in particular'],
          ...PRESET_NAMES.map((name) => [name, PRESETS[name].words] as const),
        ]}
      />
      <SchoolChoice schooled={schooled} onChange={onSchool} />
    </div>
  );
}

/** Every rule of the review from the floor up, with what it wants for a message and a pair of pictures. */
export function RulesPlace() {
  const [sought, setSought] = useState('');
  const [preset, setPreset] = useState<Preset | null>(null);
  const message = preset ? PRESETS[preset].message : MIDDLE_MESSAGE;
  const [schooled, setSchooled] = useState<Schooled>({ targets: {} });
  const { ranges, silenced } = standardIn({ message, ...schooled }, message);
  const found = foundIn(sought);
  return (
    <div className="flex min-h-dvh flex-col">
      <Header about="What the eye looks for" />
      <main className="mx-auto w-full max-w-5xl px-4 pb-10">
        <h1 className="title mt-4 text-2xl">What the eye looks for</h1>
        <p className="quiet max-w-prose">
          {RULES.length} rules, from the floor up. Each says what it wants and why; many show their fault
          beside the like of it without.
        </p>
        <Asked
          {...{ sought, preset, schooled }}
          onSought={setSought}
          onPreset={setPreset}
          onSchool={setSchooled}
        />
        {found.length === 0 && <p className="quiet py-4">No rule is called so.</p>}
        {GROUPS.map((group) => {
          const rules = found.filter((rule) => rule.station === group);
          if (rules.length === 0) return null;
          return (
            <section key={group} aria-label={group}>
              <h2 className="rule-b mt-6 pb-1 text-lg first-letter:uppercase">{group}</h2>
              <ul>
                {rules.map((rule) => (
                  <RuleRow
                    key={rule.id}
                    rule={rule}
                    wanted={ranges}
                    isSilenced={silenced.includes(rule.id)}
                  />
                ))}
              </ul>
            </section>
          );
        })}
      </main>
    </div>
  );
}
