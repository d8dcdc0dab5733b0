import { GARMENTS, type Sitter } from '@/core/people';
import type { LookEdit } from './edit';

type Item = Sitter['wardrobe'][number];

/** What stays on when an item is put on: two of one slot are not worn together; what others wear stays as it is. */
function besides(item: Item, wears: readonly string[], wardrobe: readonly Item[]): string[] {
  const { slot } = GARMENTS[item.garment];
  return wears.filter((id) => {
    const other = wardrobe.find((w) => w.id === id);
    return id !== item.id && (!other || slot === 'none' || GARMENTS[other.garment].slot !== slot);
  });
}

interface WornFieldProps extends LookEdit {
  sitter: Sitter;
  /** Whether nobody else is in the sitting. */
  isOnly: boolean;
}

/** What of the sitter's wardrobe is worn in a look. */
export function WornField({ look: { wears }, sitter, isOnly, onChange }: WornFieldProps) {
  const { wardrobe } = sitter;
  const wear = (item: Item, isWorn: boolean) =>
    onChange({
      wears: isWorn ? [...besides(item, wears, wardrobe), item.id] : wears.filter((id) => id !== item.id),
    });
  return (
    <fieldset>
      <legend className="font-bold">{isOnly ? 'Worn' : `Worn by ${sitter.addressAs}`}</legend>
      {wardrobe.length === 0 && (
        <p className="quiet">
          The wardrobe of {sitter.addressAs} is empty; fill it in the record, and choose here.
        </p>
      )}
      <div className="mt-1 grid grid-cols-1 gap-x-4 sm:grid-cols-2">
        {wardrobe.map((item) => (
          <label key={item.id} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="h-4 w-4 accent-[var(--color-secondary)]"
              checked={wears.includes(item.id)}
              onChange={(e) => wear(item, e.target.checked)}
            />
            <span className="min-w-0 truncate">
              {item.words} <span className="quiet text-xs">{GARMENTS[item.garment].words}</span>
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}
