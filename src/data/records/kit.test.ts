import { afterEach, expect, it } from 'vitest';
import { USUAL_LENSES } from '@/core/set';
import { GilvoDatabase } from '../store/database';
import { kitLenses, saveLenses } from './kit';

const db = new GilvoDatabase('kit-test');
afterEach(() => db.kits.clear());

it('is the usual bag until something is changed, and then what was kept, even nothing', async () => {
  expect(await kitLenses(db)).toEqual(USUAL_LENSES);
  await saveLenses(db, [USUAL_LENSES[2]!]);
  expect(await kitLenses(db)).toEqual([USUAL_LENSES[2]]);
  await saveLenses(db, []);
  expect(await kitLenses(db)).toEqual([]);
});

it('refuses a lens that cannot be, and keeps what was there', async () => {
  await saveLenses(db, [USUAL_LENSES[0]!]);
  await expect(saveLenses(db, [{ ...USUAL_LENSES[0]!, widestF: 0 }])).rejects.toThrow(/widestF/);
  await expect(saveLenses(db, [{ ...USUAL_LENSES[0]!, longestMm: 20 }])).rejects.toThrow(
    /at least shortestMm 35/,
  );
  expect(await kitLenses(db)).toEqual([USUAL_LENSES[0]]);
});
