import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { OwnSchool } from '@/core/brief';
import { GilvoDatabase } from '../store/database';
import { dropSchool, keepSchool, ownSchools, restoreSchool } from './schools';

let db: GilvoDatabase;
const SAID: Omit<OwnSchool, 'id' | 'keptAt'> = {
  name: 'Quiet heads',
  schooling: { from: 'headPortrait', silenced: [{ ruleId: 'head-tilt', reason: 'my look' }] },
  targets: { headTiltDeg: { high: 20 } },
};

beforeEach(() => {
  db = new GilvoDatabase(`schools-${Math.random()}`);
});
afterEach(() => db.delete());

describe('own schools', () => {
  it('are kept as they were said, and listed by name', async () => {
    const kept = await keepSchool(db, SAID);
    const other = await keepSchool(db, { ...SAID, name: 'Along the water' });
    expect(await ownSchools(db)).toEqual([other, kept]);
    expect(kept).toMatchObject(SAID);
  });

  it('need a name and figures in range, and nothing is kept without', async () => {
    await expect(keepSchool(db, { ...SAID, name: ' ' })).rejects.toThrow('name');
    await expect(keepSchool(db, { ...SAID, targets: { headTiltDeg: { high: 99 } } })).rejects.toThrow('high');
    expect(await ownSchools(db)).toEqual([]);
  });

  it('are taken away and put back as they were', async () => {
    const kept = await keepSchool(db, SAID);
    const dropped = await dropSchool(db, kept.id);
    expect(await ownSchools(db)).toEqual([]);
    await restoreSchool(db, dropped!);
    expect(await ownSchools(db)).toEqual([kept]);
    expect(await dropSchool(db, 'nobody')).toBeUndefined();
  });
});
