'use client';

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import {
  CROP_WORDS,
  CROPS,
  FORMAT_NAMES,
  FORMATS,
  PRESET_NAMES,
  presetOf,
  PRESETS,
  SCALE_NAMES,
  SCALES,
  type Look,
  type Preset,
} from '@/core/brief';
import { GARMENTS, type Sitter } from '@/core/people';
import { KeptField, numberProblem, textProblem } from '@/ui/KeptField';

interface LookPartProps {
  look: Look;
  sitter: Sitter;
  /** Poses that belong to the look. */
  poses: number;
  onlyLook: boolean;
  onChange(patch: Partial<Look>): void;
  onRemove(): void;
}

const MIDDLE: NonNullable<Look['message']> = { presence: 0, openness: 0, formality: 0, movement: 0 };

function MessageField({ look, onChange }: Pick<LookPartProps, 'look' | 'onChange'>) {
  const { message } = look;
  // while a scale is dragged only the page follows; it is kept when the hand lets go
  const [dragged, setDragged] = useState<Look['message']>(null);
  const shown = dragged ?? message;
  const preset = message === null ? 'pose' : (presetOf(message) ?? 'own');
  return (
    <fieldset>
      <legend className="font-bold">What the pictures say</legend>
      <select
        className="field mt-1 max-w-sm"
        aria-label="Message"
        value={preset}
        onChange={(e) => {
          const chosen = e.target.value;
          if (chosen === 'pose') onChange({ message: null });
          else
            onChange({ message: chosen === 'own' ? (message ?? MIDDLE) : PRESETS[chosen as Preset].message });
        }}
      >
        <option value="pose">each pose says its own</option>
        {PRESET_NAMES.map((p) => (
          <option key={p} value={p}>
            {PRESETS[p].words}
          </option>
        ))}
        <option value="own">own</option>
      </select>
      {shown && (
        <div className="mt-3 max-w-xl space-y-1">
          {SCALE_NAMES.map((scale) => {
            const [low, high] = SCALES[scale];
            const keep = () => {
              if (dragged) onChange({ message: dragged });
              setDragged(null);
            };
            return (
              <div key={scale} className="grid grid-cols-[76px_1fr_76px] items-center gap-2">
                <span className="quiet text-right text-xs">{low}</span>
                <input
                  type="range"
                  className="mark-slider"
                  aria-label={`${low} to ${high}`}
                  aria-valuetext={String(shown[scale])}
                  min={-1}
                  max={1}
                  step={0.1}
                  value={shown[scale]}
                  onChange={(e) =>
                    setDragged({ ...shown, [scale]: Math.round(Number(e.target.value) * 10) / 10 })
                  }
                  onPointerUp={keep}
                  onKeyUp={keep}
                  onBlur={keep}
                />
                <span className="quiet text-xs">{high}</span>
              </div>
            );
          })}
        </div>
      )}
    </fieldset>
  );
}

/** One look: message, uses, must-haves, clothes, props, what to avoid. */
export function LookPart({ look, sitter, poses, onlyLook, onChange, onRemove }: LookPartProps) {
  const [mustHave, setMustHave] = useState('');
  const removable = poses === 0 && !onlyLook;
  return (
    <div className="space-y-6">
      <div className="grid grid-cols-2 gap-x-4 gap-y-3 sm:grid-cols-[1.3fr_1.3fr_90px_auto]">
        <KeptField
          label="Name of the look"
          value={look.name}
          problem={textProblem('Name of the look', 1, 120)}
          onKeep={(name) => onChange({ name })}
        />
        <KeptField
          label="Where"
          value={look.place}
          problem={textProblem('Where', 0, 120)}
          onKeep={(place) => onChange({ place })}
        />
        <KeptField
          label="Minutes"
          value={String(look.minutes)}
          problem={numberProblem('Minutes', 1, 1440, 'minutes')}
          onKeep={(text) => onChange({ minutes: Number(text.replace(',', '.')) })}
        />
        <button
          type="button"
          className="link-act self-end pb-2"
          disabled={!removable}
          title={removable ? undefined : onlyLook ? 'The only look stays' : `${poses} poses belong to it`}
          onClick={onRemove}
        >
          Remove the look
        </button>
      </div>
      <MessageField look={look} onChange={onChange} />
      <fieldset>
        <legend className="font-bold">Uses</legend>
        <ul>
          {look.uses.map((use, i) => {
            const put = (patch: Partial<typeof use>) =>
              onChange({ uses: look.uses.map((u, k) => (k === i ? { ...u, ...patch } : u)) });
            return (
              <li
                key={use.id}
                className="rule-b grid grid-cols-2 items-end gap-3 py-2 sm:grid-cols-[1.6fr_1fr_1fr_auto]"
              >
                <KeptField
                  label="Used for"
                  value={use.words}
                  problem={textProblem('Used for', 1, 200)}
                  onKeep={(words) => put({ words })}
                />
                <label className="block">
                  <span className="quiet block text-xs">Format</span>
                  <select
                    className="field"
                    value={use.format}
                    onChange={(e) => put({ format: e.target.value as typeof use.format })}
                  >
                    {FORMAT_NAMES.map((f) => (
                      <option key={f} value={f}>
                        {FORMATS[f].words}
                      </option>
                    ))}
                  </select>
                </label>
                <label className="block">
                  <span className="quiet block text-xs">Crop</span>
                  <select
                    className="field"
                    value={use.crop}
                    onChange={(e) => put({ crop: e.target.value as typeof use.crop })}
                  >
                    {CROPS.map((c) => (
                      <option key={c} value={c}>
                        {CROP_WORDS[c]}
                      </option>
                    ))}
                  </select>
                </label>
                <button
                  type="button"
                  className="p-2"
                  aria-label={`Remove ${use.words}`}
                  onClick={() => onChange({ uses: look.uses.filter((u) => u.id !== use.id) })}
                >
                  <Trash2 size={16} aria-hidden />
                </button>
              </li>
            );
          })}
        </ul>
        <button
          type="button"
          className="link-act mt-1 -ml-1.5"
          disabled={look.uses.length >= 30}
          onClick={() =>
            onChange({
              uses: [
                ...look.uses,
                { id: crypto.randomUUID(), words: 'website', format: 'upright', crop: 'threeQuarter' },
              ],
            })
          }
        >
          Add a use
        </button>
      </fieldset>
      <fieldset>
        <legend className="font-bold">Pictures that must be there</legend>
        <ul>
          {look.mustHaves.map((must) => (
            <li key={must.id} className="rule-b flex items-center justify-between py-1">
              <span className="min-w-0">{must.words}</span>
              <button
                type="button"
                className="p-2"
                aria-label={`Remove ${must.words}`}
                onClick={() => onChange({ mustHaves: look.mustHaves.filter((m) => m.id !== must.id) })}
              >
                <Trash2 size={16} aria-hidden />
              </button>
            </li>
          ))}
        </ul>
        <form
          className="mt-2 flex gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            const words = mustHave.trim();
            if (words === '') return;
            onChange({ mustHaves: [...look.mustHaves, { id: crypto.randomUUID(), words }] });
            setMustHave('');
          }}
        >
          <input
            className="field"
            aria-label="A picture that must be there"
            placeholder="with the oar, whole boat behind"
            maxLength={200}
            value={mustHave}
            onChange={(e) => setMustHave(e.target.value)}
          />
          <button type="submit" className="act">
            Add
          </button>
        </form>
      </fieldset>
      <fieldset>
        <legend className="font-bold">Worn</legend>
        {sitter.wardrobe.length === 0 ? (
          <p className="quiet">
            The wardrobe of {sitter.addressAs} is empty; fill it in the record, and choose here.
          </p>
        ) : (
          <div className="mt-1 grid grid-cols-1 gap-x-4 sm:grid-cols-2">
            {sitter.wardrobe.map((item) => (
              <label key={item.id} className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="h-4 w-4 accent-[var(--color-secondary)]"
                  checked={look.wears.includes(item.id)}
                  onChange={(e) => {
                    const { slot } = GARMENTS[item.garment];
                    // two of one slot are not worn together
                    const rest = look.wears.filter((id) => {
                      const other = sitter.wardrobe.find((w) => w.id === id);
                      return (
                        id !== item.id && other && (slot === 'none' || GARMENTS[other.garment].slot !== slot)
                      );
                    });
                    onChange({
                      wears: e.target.checked
                        ? [...rest, item.id]
                        : look.wears.filter((id) => id !== item.id),
                    });
                  }}
                />
                <span className="min-w-0 truncate">
                  {item.words} <span className="quiet text-xs">{GARMENTS[item.garment].words}</span>
                </span>
              </label>
            ))}
          </div>
        )}
      </fieldset>
      <div className="grid grid-cols-1 gap-x-4 gap-y-3 sm:grid-cols-2">
        <KeptField
          label="Props"
          value={look.props}
          rows={2}
          problem={textProblem('Props', 0, 1000)}
          onKeep={(props) => onChange({ props })}
        />
        <KeptField
          label="Avoid"
          value={look.avoid}
          rows={2}
          problem={textProblem('Avoid', 0, 1000)}
          onKeep={(avoid) => onChange({ avoid })}
        />
      </div>
    </div>
  );
}
