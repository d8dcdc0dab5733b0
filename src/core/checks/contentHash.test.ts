import { describe, expect, it } from 'vitest';
import { contentHash } from '.';

describe('the short name of what a record says', () => {
  it('is the same whoever wrote its fields in which order, and whatever was left out', () => {
    const one = { id: 'a', shot: { lens: 85, at: [1, 2] } };
    expect(contentHash({ shot: { at: [1, 2], lens: 85 }, id: 'a' })).toBe(contentHash(one));
    expect(contentHash({ ...one, note: undefined })).toBe(contentHash(one));
    expect(contentHash(JSON.parse(JSON.stringify(one)))).toBe(contentHash(one));
  });

  it('is another for every other content', () => {
    const records: unknown[] = [
      null,
      0,
      '',
      '0',
      [],
      {},
      [1, 2],
      [2, 1],
      { a: 1 },
      { b: 1 },
      { a: '1' },
      { a: null },
      { a: [1] },
      ...Array.from({ length: 5000 }, (_, i) => ({ position: i })),
    ];
    expect(new Set(records.map(contentHash)).size).toBe(records.length);
  });

  it('is sixteen hexadecimal digits, and known: FNV-1a of the empty object from its usual start', () => {
    expect(contentHash({ a: 1 })).toMatch(/^[0-9a-f]{16}$/);
    // FNV-1a, 32 bits, of the two characters "{}" (worked out by hand from the published constants)
    let hash = 0x811c9dc5;
    for (const char of '{}') hash = Math.imul(hash ^ char.charCodeAt(0), 0x01000193) >>> 0;
    expect(contentHash({}).slice(0, 8)).toBe(hash.toString(16).padStart(8, '0'));
  });
});
