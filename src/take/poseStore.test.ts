import { beforeEach, describe, expect, it } from 'vitest';
import type { Take } from '@/core/sitting';
import { demoTakes } from '@/data/demo/demo';
import { chosenShot, poseHistory, usePoseStore } from './poseStore';

const [STORED, OTHER] = demoTakes() as [Take, Take];
const state = () => usePoseStore.getState();
const setting = (id: 'hipsTurnLeftDeg' | 'headTurnLeftDeg') => chosenShot(state())!.pose.settings[id];

beforeEach(() => state().open(STORED));

describe('the open take', () => {
  /** The take with a lens height that was changed elsewhere. */
  const lowered = (take: Take): Take => ({
    ...take,
    shot: { ...take.shot, camera: { ...take.shot.camera, heightM: 0.8 } },
  });

  it('takes over what was changed elsewhere, and keeps what was changed here', () => {
    state().setSetting('hipsTurnLeftDeg', 44);
    state().follow(STORED, lowered(STORED));
    expect(setting('hipsTurnLeftDeg')).toBe(44);
    expect(state().take!.shot.camera.heightM).toBe(0.8);
    expect(state().base!.shot.camera.heightM).toBe(0.8);
  });

  it('goes a step back without taking back what was changed elsewhere, and forward again', () => {
    const before = setting('hipsTurnLeftDeg');
    state().setSetting('hipsTurnLeftDeg', 44);
    state().follow(STORED, lowered(STORED));
    poseHistory().undo();
    expect(setting('hipsTurnLeftDeg')).toBe(before);
    expect(state().take!.shot.camera.heightM).toBe(0.8);
    poseHistory().redo();
    expect(setting('hipsTurnLeftDeg')).toBe(44);
    expect(state().take!.shot.camera.heightM).toBe(0.8);
  });

  it('following others is no step of its own', () => {
    state().follow(STORED, lowered(STORED));
    expect(poseHistory().pastStates).toEqual([]);
    state().setSetting('hipsTurnLeftDeg', 44);
    expect(poseHistory().pastStates).toHaveLength(1);
  });

  it('does not follow another take', () => {
    state().follow(OTHER, lowered(OTHER));
    expect(state().take).toBe(STORED);
  });

  it('opens with an edit that is not on disk yet', () => {
    const edited = lowered(STORED);
    state().open(STORED, edited);
    expect(state().take).toBe(edited);
    expect(state().base).toBe(STORED);
  });

  it('takes the values of elsewhere where they were chosen, and that can be undone', () => {
    state().setSetting('headTurnLeftDeg', 5);
    state().takeOver([
      { path: ['shot', 'people', 'a', 'pose', 'settings', 'headTurnLeftDeg'], mine: 5, theirs: 31 },
    ]);
    expect(setting('headTurnLeftDeg')).toBe(31);
    poseHistory().undo();
    expect(setting('headTurnLeftDeg')).not.toBe(31);
  });
});
