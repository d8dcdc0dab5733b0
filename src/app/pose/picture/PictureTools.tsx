'use client';

import type { SoloShot } from '@/core/shot';
import type { Vec3 } from '@/core/units';
import { OVERLAYS, usePoseStore, type Overlay } from '@/take/poseStore';
import { ExposureControl } from './ExposureControl';
import type { Look } from './lookingAt';
import { PICTURE_BUTTON, PICTURE_SLIDER } from './onPicture';

const OVERLAY_WORDS: Record<Overlay, string> = {
  size: 'size',
  sharp: 'sharp',
  parts: 'parts',
  measured: 'measured',
  stops: 'stops',
  ghost: 'ghost',
  handles: 'handles',
};
const OVERLAY_TITLES: Record<Overlay, string> = {
  size: 'How much near parts are enlarged against the face',
  sharp: 'What lies within the depth of field, focused on the near eye',
  parts: 'The drawn figure in its part colours',
  measured: 'What the measuring picture sees, pixel by pixel',
  stops: 'How bright every place comes out, in stops from middle grey',
  ghost: 'The pose as it was opened, or the one before it in the run',
  handles: 'Hands, feet, hips, chin and eyes to take hold of',
};

/** Ways of looking at the sitter that change nothing. */
function LookControls({ look, onLook }: { look: Look; onLook(look: Look): void }) {
  const toggle = (next: Look, words: string, title: string) => (
    <button
      type="button"
      className={PICTURE_BUTTON}
      title={title}
      aria-pressed={look.kind === next.kind}
      onClick={() => onLook(look.kind === next.kind ? { kind: 'lens' } : next)}
    >
      {words}
    </button>
  );
  return (
    <div role="group" aria-label="Look" className="flex items-center gap-1">
      {look.kind === 'turn' && (
        <input
          type="range"
          aria-label="Round the sitter"
          className={PICTURE_SLIDER}
          min={-180}
          max={180}
          step={5}
          value={look.deg}
          onChange={(e) => onLook({ kind: 'turn', deg: Number(e.target.value) })}
        />
      )}
      {toggle({ kind: 'turn', deg: 60 }, 'round', 'Look from another side; the camera stays')}
      {toggle({ kind: 'close' }, 'close', 'Look closely at what is being set')}
    </div>
  );
}

interface PictureToolsProps {
  shot: SoloShot;
  /** Where the key is aimed, metres. */
  face: Vec3;
  look: Look;
  onLook(look: Look): void;
}

/** Ways of looking and exposure. */
export function LookTools({ shot, face, look, onLook }: PictureToolsProps) {
  return (
    <>
      <LookControls look={look} onLook={onLook} />
      <ExposureControl shot={shot} face={face} />
    </>
  );
}

/** What can be laid over the picture. */
export function OverlayTools() {
  const overlay = usePoseStore((s) => s.overlay);
  const { setOverlay } = usePoseStore.getState();
  return (
    <div role="group" aria-label="Overlays" className="flex flex-wrap gap-1">
      {OVERLAYS.map((o) => (
        <button
          key={o}
          type="button"
          aria-pressed={overlay === o}
          title={OVERLAY_TITLES[o]}
          className={PICTURE_BUTTON}
          onClick={() => setOverlay(overlay === o ? null : o)}
        >
          {OVERLAY_WORDS[o]}
        </button>
      ))}
    </div>
  );
}
