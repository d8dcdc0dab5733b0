import { EXPOSURE_RANGES, ISOS, SHUTTER_PARTS, type Exposure } from '@/core/set';
import { NumberField } from '@/ui/fields/NumberField';
import { SelectField } from '@/ui/fields/SelectField';

const USUAL_FLASH = { guideNumberM: 40, flashParts: 1, syncParts: 200 };

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
      <SelectField
        label="shutter"
        value={exposure.shutterParts}
        options={SHUTTER_PARTS.map((parts) => [parts, `1/${parts} s`])}
        onChange={(e) => onChange({ shutterParts: Number(e.target.value) })}
      />
      <SelectField
        label="ISO"
        value={exposure.iso}
        options={ISOS.map((iso) => [iso, String(iso)])}
        onChange={(e) => onChange({ iso: Number(e.target.value) })}
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
