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
import { AddChoice } from '@/ui/fields/AddChoice';
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
      <AddChoice
        label="Add a light or a panel"
        empty="a light or a panel"
        className="mt-1"
        options={STANDING_KIND_IDS.map((id) => [id, KIND_WORDS[id]])}
        onChoose={(kind) => onAdd(placedFirst(kind as SourceKindId, light))}
      />
    </label>
  );
}
