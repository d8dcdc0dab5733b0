import {
  freeId,
  MOST_SOURCES,
  sourceKind,
  STANDING_KIND_IDS,
  type Light,
  type LightSource,
  type SourceKindId,
} from '@/core/light';
import { aboutZeroDeg } from '@/core/units';
import { KIND_WORDS } from './SourceRow';

/** Where one more source is put first: a panel across from the key, a lamp behind the sitter. */
function placedFirst(kind: SourceKindId, light: Light): LightSource {
  const isLamp = sourceKind(kind).works === 'lamp';
  const behind = aboutZeroDeg(light.arcDeg + 180);
  const across = light.arcDeg >= 0 ? -70 : 70;
  return {
    id: freeId(light.others ?? []),
    kind,
    arcDeg: isLamp ? behind : across,
    heightM: isLamp ? 2 : 1.4,
    distanceM: isLamp ? 1.6 : 0.8,
    sizeM: sourceKind(kind).usualSizeM,
    ...(isLamp && { powerStops: -1, aim: 'face' as const }),
  };
}

/** Puts one more light or panel into the set, as long as there is a stand for it. */
export function AddSource({ light, onAdd }: { light: Light; onAdd(source: LightSource): void }) {
  if ((light.others?.length ?? 0) >= MOST_SOURCES) return null;
  return (
    <label className="mt-1 block">
      <span className="quiet">add</span>
      <select
        className="mt-1 h-8 w-full border border-base-300 bg-base-100 px-2"
        aria-label="Add a light or a panel"
        value=""
        onChange={(e) => onAdd(placedFirst(e.target.value as SourceKindId, light))}
      >
        <option value="">a light or a panel</option>
        {STANDING_KIND_IDS.map((id) => (
          <option key={id} value={id}>
            {KIND_WORDS[id]}
          </option>
        ))}
      </select>
    </label>
  );
}
