import { Trash2 } from 'lucide-react';

/** Removes what `label` names. */
export function RemoveButton({ label, onRemove }: { label: string; onRemove(): void }) {
  return (
    <button type="button" className="p-2" aria-label={label} onClick={onRemove}>
      <Trash2 size={16} aria-hidden />
    </button>
  );
}
