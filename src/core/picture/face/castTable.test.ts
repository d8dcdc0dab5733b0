import { describe, expect, it } from 'vitest';
import { bodyOf, standInOf } from '../../../../tests/support/people';
import { castTable, takeTable } from './castTable';
import { faceChartOf, type FaceChart } from './chart';
import { packedTable, unpackedRow, type HeadTable } from './headTable';
import { DIRECTIONS, reaching } from './reaching';

/** The chart of a head that has few places: enough to compare, and soon cast. */
function smallChart(): FaceChart {
  const whole = faceChartOf(bodyOf('slight'), standInOf('slight').surface);
  const some = [...whole.texel.keys()].filter((i) => i % 37 === 0);
  const pick = (of: Float32Array, size: number) =>
    Float32Array.from(some.flatMap((i) => [...of.subarray(i * size, (i + 1) * size)]));
  return {
    ...whole,
    texel: Int32Array.from(some, (i) => whole.texel[i]!),
    x: pick(whole.x, 1),
    y: pick(whole.y, 1),
    position: pick(whole.position, 3),
    normal: pick(whole.normal, 3),
    rows: [],
  };
}

function wholeTable(chart: FaceChart): HeadTable {
  const casting = castTable(chart);
  let step = casting.next();
  while (!step.done) step = casting.next();
  return step.value;
}

/** What reaches every place from directions all round, one number after the other. */
function all(chart: FaceChart): number[] {
  const out: number[] = [];
  const share = { free: 0, byNose: 0 };
  for (let az = -178; az < 180; az += 13)
    for (let el = -83; el < 90; el += 17) {
      const [a, e] = [(az * Math.PI) / 180, (el * Math.PI) / 180];
      for (let i = 0; i < chart.texel.length; i++) {
        reaching(chart, i, Math.sin(a) * Math.cos(e), Math.sin(e), Math.cos(a) * Math.cos(e), share);
        out.push(share.free, share.byNose);
      }
    }
  return out;
}

describe('what blocks light on a head', () => {
  const table = wholeTable(smallChart());

  it('is the same read from a table as cast when it is asked for', () => {
    const [cast, read] = [smallChart(), smallChart()];
    takeTable(read, table);
    expect(read.table).toBe(table);
    const shares = all(read);
    expect(shares).toEqual(all(cast));
    expect(new Set(shares).size).toBeGreaterThan(100);
    // nothing had to be cast again: a table of nothing blocked says so
    const open = smallChart();
    takeTable(open, new Uint8Array(table.length));
    expect(all(open).every((s, i) => (i % 2 === 0 ? Math.abs(s - 1) < 1e-9 : s === 0))).toBe(true);
  });

  it('is not taken from another head, whose places are fewer or more', () => {
    const chart = smallChart();
    takeTable(chart, table.subarray(DIRECTIONS));
    expect(chart.table).toBeUndefined();
  });

  it('is packed four places a byte, and unpacked', () => {
    const rows = [Uint8Array.of(0, 1, 2, 0, 2), Uint8Array.of(2, 2, 1, 1, 0)];
    const packed = packedTable(rows, 5);
    expect(packed.length).toBe(4);
    expect(rows.map((_, r) => unpackedRow(packed, r, 5))).toEqual(rows);
  });
});
