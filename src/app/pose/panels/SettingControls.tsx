'use client';

import type { SoloShot } from '@/core/shot';
import { neutralOf, SETTING_IDS, settingApplies, SETTINGS, settingOf, type SettingId } from '@/core/pose';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { Folded } from '@/ui/fields/Folded';
import { usePoseStore, type Panel } from '@/take/poseStore';

function SettingSlider({ shot, id, short }: { shot: SoloShot; id: SettingId; short?: string }) {
  const { setSetting, setDragging } = usePoseStore.getState();
  const s = SETTINGS[id];
  return (
    <NumberSlider
      label={s.words}
      short={short}
      value={settingOf(shot.pose, id)}
      min={s.min}
      max={s.max}
      step={s.step}
      fine={s.step / 2}
      unit={s.unit}
      shown={s.shown}
      ends={short ? undefined : s.ends}
      neutral={neutralOf(shot.pose, id)}
      onChange={(value) => setSetting(id, value)}
      onDrag={setDragging}
    />
  );
}

/** Both sides of a paired setting beside each other, as the lens sees them: the sitter's right is on the left. */
function PairedSliders({ shot, left }: { shot: SoloShot; left: SettingId }) {
  const { pairWords, ends, mirror } = SETTINGS[left];
  return (
    <div>
      <p className="leading-tight first-letter:uppercase" aria-hidden>
        {pairWords}
      </p>
      <div className="grid grid-cols-2 gap-x-4">
        {([mirror as SettingId, left] as const).map((id) =>
          !settingApplies(shot.pose, id) ? (
            <p key={id} className="quiet pt-0.5 text-xs leading-tight">
              {SETTINGS[id].side}: {byWhat(id)}
            </p>
          ) : (
            <SettingSlider key={id} shot={shot} id={id} short={SETTINGS[id].side!} />
          ),
        )}
      </div>
      <p className="quiet -mt-1 flex justify-between text-[11px]" aria-hidden>
        <span>{ends[0]}</span>
        <span>{ends[1]}</span>
      </p>
    </div>
  );
}

/** Settings that are seldom wanted; they are folded away below the others. */
const SELDOM: ReadonlySet<SettingId> = new Set(['hipsForwardCm', 'leanForwardDeg', 'leanLeftDeg']);

export function Settings({ shot, panel }: { shot: SoloShot; panel: Panel }) {
  const applies = (id: SettingId) => settingApplies(shot.pose, id);
  const own = SETTING_IDS.filter((id) => SETTINGS[id].station === panel && applies(id));
  const slider = (id: SettingId) => {
    const { side, mirror } = SETTINGS[id];
    if (side === null) return <SettingSlider key={id} shot={shot} id={id} />;
    // a pair is shown once, by whichever side applies
    if (side === 'right' && applies(mirror as SettingId)) return null;
    const left = side === 'left' ? id : (mirror as SettingId);
    return <PairedSliders key={left} shot={shot} left={left} />;
  };
  const seldom = own.filter((id) => SELDOM.has(id));
  return (
    <>
      {own.filter((id) => !SELDOM.has(id)).map(slider)}
      {seldom.length > 0 && (
        <Folded title="More" isSet={seldom.some((id) => shot.pose.settings[id] !== undefined)}>
          {seldom.map(slider)}
        </Folded>
      )}
    </>
  );
}

/** What decides a setting that moves nothing. */
function byWhat(id: SettingId): string {
  const { station } = SETTINGS[id];
  return station === 'arms' || station === 'hands' ? 'by the hand' : 'by the leg';
}
