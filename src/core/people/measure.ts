import { decimalFrom } from '../checks';
import type { UnitSystem } from './sitter';

/** Kinds of measures that a record shows. */
export type MeasureKind = 'stature' | 'length' | 'mass' | 'age';

const IN_M = 0.0254;
const LB_KG = 0.45359237;

interface Shown {
  unit: string;
  /** Stored value of one shown unit. */
  factor: number;
  decimals: number;
}

const SHOWN: Record<UnitSystem, Record<MeasureKind, Shown>> = {
  metric: {
    stature: { unit: 'm', factor: 1, decimals: 2 },
    length: { unit: 'cm', factor: 0.01, decimals: 1 },
    mass: { unit: 'kg', factor: 1, decimals: 1 },
    age: { unit: 'years', factor: 1, decimals: 1 },
  },
  imperial: {
    stature: { unit: 'in', factor: IN_M, decimals: 1 },
    length: { unit: 'in', factor: IN_M, decimals: 1 },
    mass: { unit: 'lb', factor: LB_KG, decimals: 1 },
    age: { unit: 'years', factor: 1, decimals: 1 },
  },
};

/** Unit in which a measure is shown. */
export function measureUnit(kind: MeasureKind, units: UnitSystem): string {
  return SHOWN[units][kind].unit;
}

/** A stored measure as the number that is shown. */
export function measureText(value: number, kind: MeasureKind, units: UnitSystem): string {
  const { factor, decimals } = SHOWN[units][kind];
  return String(+(value / factor).toFixed(decimals));
}

/**
 * A typed measure as it is stored: a decimal point or comma; inches also as feet and inches (5'8", 5 ft 8).
 * NaN for anything else, nothing included.
 */
export function measureFrom(text: string, kind: MeasureKind, units: UnitSystem): number {
  const { factor } = SHOWN[units][kind];
  const trimmed = text.trim().replace(',', '.');
  const feet = /^(\d+)\s*(?:'|ft|feet)\s*(?:(\d+(?:\.\d+)?)\s*(?:"|''|in|inches)?)?$/i.exec(trimmed);
  if (feet && SHOWN[units][kind].unit === 'in')
    return rounded((Number(feet[1]) * 12 + Number(feet[2] ?? 0)) * factor);
  return rounded(decimalFrom(trimmed) * factor);
}

/** The allowed range in shown units, rounded inwards. */
export function measureRange(min: number, max: number, kind: MeasureKind, units: UnitSystem): string {
  const { factor, decimals, unit } = SHOWN[units][kind];
  const step = 10 ** decimals;
  const low = Math.ceil((min / factor) * step - 1e-6) / step;
  const high = Math.floor((max / factor) * step + 1e-6) / step;
  return `${low} to ${high} ${unit}`;
}

/** To a tenth of a millimetre or gram, so that a number that is shown, typed and shown again stays the same. */
function rounded(value: number): number {
  return Math.round(value * 1e4) / 1e4;
}
