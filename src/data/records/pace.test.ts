import { expect, it } from 'vitest';
import { GilvoDatabase } from '../store/database';
import { keepOwnPace, ownPace } from './pace';

it('the own pace is kept, refused where it is out of range, and nothing where it cannot be read', async () => {
  const db = new GilvoDatabase('pace');
  expect(await ownPace(db)).toEqual({});
  await keepOwnPace(db, { lens: 60, sentence: 4 });
  expect(await ownPace(db)).toEqual({ lens: 60, sentence: 4 });
  await expect(keepOwnPace(db, { lens: -1 })).rejects.toThrow(/lens/);
  expect(await ownPace(db)).toEqual({ lens: 60, sentence: 4 });
  for (const value of ['{"lens":-1}', '{', '{"walk":3}']) {
    await db.preferences.put({ key: 'pace', value });
    expect(await ownPace(db)).toEqual({});
  }
  await db.delete();
});
