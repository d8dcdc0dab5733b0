import { MEANS_RANGES, type Means } from '@/core/group';
import { NumberField } from '@/ui/fields/NumberField';

type Counted = keyof typeof MEANS_RANGES;

const LABELS: Record<Counted, string> = {
  chairs: 'chairs',
  benches: 'benches, for two',
  boxes: 'boxes to stand on',
};

interface MeansFieldsProps {
  means: Means;
  onChange(means: Means): void;
}

/** What there is for the group to sit and stand on. */
export function MeansFields({ means, onChange }: MeansFieldsProps) {
  return (
    <div className="grid grid-cols-2 items-end gap-2">
      {(Object.keys(MEANS_RANGES) as Counted[]).map((name) => (
        <NumberField
          key={name}
          label={LABELS[name]}
          value={means[name]}
          {...MEANS_RANGES[name]}
          unit=""
          onChange={(value) => onChange({ ...means, [name]: value ?? 0 })}
        />
      ))}
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          checked={means.floor}
          onChange={(e) => onChange({ ...means, floor: e.target.checked })}
        />
        some may sit on the floor
      </label>
    </div>
  );
}
