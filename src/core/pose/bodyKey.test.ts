import { describe, expect, it } from 'vitest';
import { HOUSE_POSES } from '../library';
import { bodyKey, mirrorPose, SETTINGS, settingOf, withSetting, type Pose } from '.';

const ALL = Object.values(HOUSE_POSES).flat();
const one = HOUSE_POSES.chair![0]!;

describe('what a body does, as a key', () => {
  it('is another for every pose of the house, and for all but the square one mirrored', () => {
    expect(new Set(ALL.map(bodyKey)).size).toBe(ALL.length);
    const mirrored = ALL.filter((p) => bodyKey(mirrorPose(p)) === bodyKey(p));
    expect(mirrored.map((p) => p.name)).toEqual(['Stern and square']);
  });

  it('does not hear what a pose is called, what it says and how hard it is', () => {
    const called: Pose = { ...one, name: 'x', words: 'y', level: 5, message: ALL[3]!.message };
    expect(bodyKey(called)).toBe(bodyKey(one));
  });

  it('does not hear in which order things were said, nor what is neutral', () => {
    const settings = Object.fromEntries(Object.entries(one.settings).reverse());
    const contacts = [...one.contacts].reverse();
    const said = { ...one, settings, contacts, on: 'floor' as const };
    expect(bodyKey(said)).toBe(bodyKey(one));
    expect(bodyKey(withSetting(one, 'leanLeftDeg', SETTINGS.leanLeftDeg.neutral))).toBe(bodyKey(one));
  });

  it('hears one setting, one contact, the gaze, the face and the seat', () => {
    const others: Pose[] = [
      withSetting(one, 'chinDownDeg', settingOf(one, 'chinDownDeg') + 1),
      { ...one, contacts: one.contacts.slice(1) },
      { ...one, gaze: { kind: 'down' } },
      { ...one, expression: { smile: 0.5 } },
      { ...one, objects: one.objects!.map((o) => ({ ...o, turnLeftDeg: o.turnLeftDeg + 10 })) },
      { ...one, hands: { ...one.hands, left: 'looseFist' } },
    ];
    for (const other of others) expect(bodyKey(other)).not.toBe(bodyKey(one));
  });
});
