import { describe, expect, it } from 'vitest';
import { withValue } from './withValue';

const RECORD = {
  minutes: 4,
  pose: { settings: { chinDownDeg: 3 } as Record<string, number> },
  meant: [
    { findingId: 'fist', reason: 'boxer' },
    { findingId: 'slump', reason: 'tired' },
  ],
  words: ['calm'],
};

describe('a record with another value at a place', () => {
  it('is changed there alone, and the record that was given stays', () => {
    const changed = withValue(RECORD, ['pose', 'settings', 'chinDownDeg'], 9);
    expect(changed.pose.settings).toEqual({ chinDownDeg: 9 });
    expect(changed.meant).toBe(RECORD.meant);
    expect(RECORD.pose.settings.chinDownDeg).toBe(3);
    expect(withValue(RECORD, ['pose', 'settings', 'headTurnLeftDeg'], 12).pose.settings).toEqual({
      chinDownDeg: 3,
      headTurnLeftDeg: 12,
    });
  });

  it('is changed at a thing of a list by its id', () => {
    const changed = withValue(RECORD, ['meant', 'slump', 'reason'], 'late');
    expect(changed.meant.map((m) => m.reason)).toEqual(['boxer', 'late']);
  });

  it('has what was missing put in, and what is undefined taken out', () => {
    const more = withValue(RECORD, ['meant', 'squint'], { findingId: 'squint', reason: 'sun' });
    expect(more.meant.map((m) => m.findingId)).toEqual(['fist', 'slump', 'squint']);
    expect(withValue(RECORD, ['meant', 'fist'], undefined).meant.map((m) => m.findingId)).toEqual(['slump']);
    expect(withValue(RECORD, ['words', 'calm'], undefined).words).toEqual([]);
    expect('minutes' in withValue(RECORD, ['minutes'], undefined)).toBe(false);
    expect(withValue(RECORD, [], { ...RECORD, minutes: 9 }).minutes).toBe(9);
  });
});
