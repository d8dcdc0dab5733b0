import { describe, expect, it } from 'vitest';
import { EXPOSURE } from './develop';
import { CLIPPED_STOPS, MIDDLE_GREY, STOP_COLOURS, stopsAsDrawn, stopsMap } from './stopsMap';

const grey = (level: number) => [level, level, level];
const colourOf = (linear: number[]) =>
  `#${[...stopsMap(Float32Array.from(linear)).slice(0, 3)].map((c) => c.toString(16).padStart(2, '0')).join('')}`;

describe('steps of exposure', () => {
  it('begin at middle grey and go up by one with each doubling of the light', () => {
    for (const { stops, colour } of STOP_COLOURS)
      expect(colourOf(grey(MIDDLE_GREY * 2 ** stops))).toBe(colour);
    // half a stop less is still the same step, a little more than that the one below
    expect(colourOf(grey(MIDDLE_GREY * 2 ** -0.49))).toBe(colourOf(grey(MIDDLE_GREY)));
    expect(colourOf(grey(MIDDLE_GREY * 2 ** -0.51))).not.toBe(colourOf(grey(MIDDLE_GREY)));
  });

  it('end with the first and the last colour', () => {
    expect(colourOf(grey(0))).toBe(STOP_COLOURS[0]!.colour);
    expect(colourOf(grey(50))).toBe(STOP_COLOURS.at(-1)!.colour);
  });

  it('go by luminance: a pure green is brighter than a pure blue', () => {
    expect(stopsAsDrawn([0, 1, 0], 1) - stopsAsDrawn([0, 0, 1], 1)).toBeCloseTo(
      Math.log2(0.7152 / 0.0722),
      9,
    );
  });

  it('of a tone follow its reflectance, the light on it and the exposure, up to white', () => {
    expect(stopsAsDrawn(grey(MIDDLE_GREY), 1 / EXPOSURE)).toBeCloseTo(0, 9);
    expect(stopsAsDrawn(grey(MIDDLE_GREY), 4 / EXPOSURE)).toBeCloseTo(2, 9);
    expect(stopsAsDrawn(grey(1), 1 / EXPOSURE)).toBeCloseTo(CLIPPED_STOPS, 9);
  });
});
