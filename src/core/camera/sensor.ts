/** A sensor format; sides in millimetres, the long side first. */
export interface SensorFormat {
  id: string;
  name: string;
  longMm: number;
  shortMm: number;
  /** Largest blur disc that still reads as a point, millimetres (common practice: short side / 800 to diagonal / 1442). */
  circleOfConfusionMm: number;
}

/** Formats by nominal size; the circle of confusion is the diagonal over 1442 (0.030 mm at 36 x 24). */
function format(id: string, name: string, longMm: number, shortMm: number): SensorFormat {
  return { id, name, longMm, shortMm, circleOfConfusionMm: Math.hypot(longMm, shortMm) / 1442 };
}

export const SENSOR_FORMATS = {
  fullFrame: format('fullFrame', 'full frame', 36, 24),
  apsC15: format('apsC15', 'APS-C 1.5', 23.5, 15.6),
  apsC16: format('apsC16', 'APS-C 1.6', 22.3, 14.9),
  fourThirds: format('fourThirds', 'four thirds', 17.3, 13),
  medium44x33: format('medium44x33', 'medium 44 x 33', 43.8, 32.9),
} as const satisfies Record<string, SensorFormat>;

export type SensorId = keyof typeof SENSOR_FORMATS;
export const SENSOR_IDS = Object.keys(SENSOR_FORMATS) as [SensorId, ...SensorId[]];

/** Focal length that gives the same diagonal angle on full frame, millimetres. */
export function fullFrameEquivalentMm(sensor: SensorFormat, focalLengthMm: number): number {
  const full = SENSOR_FORMATS.fullFrame;
  return (focalLengthMm * Math.hypot(full.longMm, full.shortMm)) / Math.hypot(sensor.longMm, sensor.shortMm);
}
