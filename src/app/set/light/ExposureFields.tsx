import { EXPOSURE_RANGES, ISOS, SHUTTER_PARTS, type Exposure } from '@/core/set';
import { NumberField } from '@/ui/NumberField';

const SELECT = 'mt-1 h-8 w-full border border-base-300 bg-base-100 px-2';
const USUAL_FLASH = { guideNumberM: 40, flashParts: 1, syncParts: 200 };

interface ScaleSelectProps {
  label: string;
  value: number;
  steps: readonly number[];
  words(step: number): string;
  onChoose(step: number): void;
}

function ScaleSelect({ label, value, steps, words, onChoose }: ScaleSelectProps) {
  return (
    <label>
      <span className="quiet block text-xs">{label}</span>
      <select className={SELECT} value={value} onChange={(e) => onChoose(Number(e.target.value))}>
        {steps.map((step) => (
          <option key={step} value={step}>
            {words(step)}
          </option>
        ))}
      </select>
    </label>
  );
}

interface FlashFieldsProps {
  flash: NonNullable<Exposure['flash']>;
  onChange(part: Partial<Exposure>): void;
}

function FlashFields({ flash, onChange }: FlashFieldsProps) {
  const put = (part: Partial<typeof flash>) => onChange({ flash: { ...flash, ...part } });
  return (
    <>
      <NumberField
        label="flash at one part of"
        value={flash.flashParts}
        {...EXPOSURE_RANGES.flashParts}
        onChange={(value) => put({ flashParts: value ?? USUAL_FLASH.flashParts })}
      />
      <NumberField
        label="fastest with flash, 1/s"
        value={flash.syncParts}
        {...EXPOSURE_RANGES.syncParts}
        onChange={(value) => put({ syncParts: value ?? USUAL_FLASH.syncParts })}
      />
    </>
  );
}

interface ExposureFieldsProps {
  exposure: Exposure;
  onChange(part: Partial<Exposure>): void;
  /** Replaces the whole exposure: something is left out of it. */
  onSet(exposure: Exposure): void;
}

/** Shutter and sensitivity, and what meter and flash say. */
export function ExposureFields({ exposure, onChange, onSet }: ExposureFieldsProps) {
  const { flash, lux } = exposure;
  const without = (name: 'lux' | 'flash') => {
    const { [name]: _, ...rest } = exposure;
    onSet(rest);
  };
  return (
    <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
      <ScaleSelect
        label="shutter"
        value={exposure.shutterParts}
        steps={SHUTTER_PARTS}
        words={(part) => `1/${part} s`}
        onChoose={(shutterParts) => onChange({ shutterParts })}
      />
      <ScaleSelect
        label="ISO"
        value={exposure.iso}
        steps={ISOS}
        words={String}
        onChoose={(iso) => onChange({ iso })}
      />
      <NumberField
        label="steady light, lx"
        value={lux}
        {...EXPOSURE_RANGES.lux}
        onChange={(value) => (value === undefined ? without('lux') : onChange({ lux: value }))}
      />
      <NumberField
        label="flash, guide number, m"
        value={flash?.guideNumberM}
        {...EXPOSURE_RANGES.guideNumberM}
        onChange={(value) =>
          value === undefined
            ? without('flash')
            : onChange({ flash: { ...(flash ?? USUAL_FLASH), guideNumberM: value } })
        }
      />
      {flash && <FlashFields flash={flash} onChange={onChange} />}
    </div>
  );
}
