import { beforeEach, describe, expect, it } from 'vitest';
import { ARRANGEMENTS } from '@/core/library';
import { takeWithoutRole, type Take } from '@/core/sitting';
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

describe('the people of the open picture', () => {
  const roles = () => state().take!.shot.people.map((p) => p.role);
  const [PAIR] = Object.values(ARRANGEMENTS).flat();

  it('come in and are in the hand; a step back takes them out, and another is in the hand', () => {
    state().addPerson('joss');
    expect([roles(), state().role]).toEqual([['a', 'b'], 'b']);
    poseHistory().undo();
    expect([roles(), state().role]).toEqual([['a'], 'a']);
    expect(chosenShot(state())).not.toBeNull();
    poseHistory().redo();
    expect([roles(), state().role]).toEqual([['a', 'b'], 'b']);
  });

  it('leave the picture, and come back into the hand with a step back', () => {
    state().addPerson('joss');
    state().setDragging(false);
    state().removePerson('b');
    expect([roles(), state().role]).toEqual([['a'], 'a']);
    expect(chosenShot(state())!.mark).toBeUndefined();
  });

  it('are arranged in one step, whoever comes first in the hand', () => {
    state().addPerson('joss');
    state().arrange(PAIR!, () => undefined);
    expect(state().role).toBe('a');
    expect(state().take!.shot.people.map((p) => p.pose.name)).toEqual([PAIR!.name, PAIR!.name]);
  });

  it('are chosen without a step of undo, and nothing stays held', () => {
    state().addPerson('joss');
    const steps = poseHistory().pastStates.length;
    state().toggleHeld('feet');
    state().setRole('a');
    expect(state().held).toEqual([]);
    expect(state().before).toBe(chosenShot(state())!.pose);
    expect(poseHistory().pastStates).toHaveLength(steps);
  });

  it('are taken out elsewhere: the first is in the hand, in every step back too', () => {
    state().addPerson('joss');
    const both = state().take!;
    state().open(both);
    state().setSetting('hipsTurnLeftDeg', 12);
    state().setRole('b');
    state().follow(both, takeWithoutRole(both, 'b'));
    expect([roles(), state().role]).toEqual([['a'], 'a']);
    poseHistory().undo();
    expect(roles()).toContain(state().role);
    expect(() => chosenShot(state())).not.toThrow();
  });

  it('stand where they are put, and keep it when their pose is changed', () => {
    state().addPerson('joss');
    state().setMark({ leftM: -0.5, aheadM: 0.2, turnLeftDeg: 30, near: { role: 'a', gapM: 0.1 } });
    state().setSetting('hipsTurnLeftDeg', 12);
    expect(chosenShot(state())!.mark).toMatchObject({ leftM: -0.5, near: { role: 'a', gapM: 0.1 } });
  });
});
