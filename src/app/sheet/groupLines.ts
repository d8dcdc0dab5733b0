import type { GroupSheet, LevelId, NumberedPlace } from '@/core/group';
import type { Role, Shot } from '@/core/shot';

const ON: Record<LevelId, (place: NumberedPlace) => string> = {
  floor: () => 'on the floor',
  seat: () => 'seated',
  standing: () => 'standing',
  box: ({ boxM }) => `standing on a box of ${Math.round(boxM * 100)} cm`,
};

/** What is read on set to build a group: who is where, on what, called in which order, and how it is taken. */
export function groupLines(
  sheet: GroupSheet,
  { camera, light }: Shot,
  nameOf: (role: Role) => string,
): string[] {
  const { places, calling, focusM } = sheet;
  const whereOf = (place: NumberedPlace) =>
    place.carriedBy ? `carried by ${nameOf(place.carriedBy)}` : ON[place.level](place);
  const numberOf = (role: Role) => places.find((p) => p.role === role)!.number;
  return [
    ...places.map((place) => `${place.number}. ${nameOf(place.role)}, ${whereOf(place)}`),
    `Call in this order: ${calling.map((role) => `${nameOf(role)} (${numberOf(role)})`).join(', ')}`,
    `${camera.focalLengthMm} mm at f/${camera.apertureF}, ${camera.distanceM.toFixed(2)} m from the mark${focusM === null ? '' : `, focused at ${focusM.toFixed(2)} m from the lens`}`,
    `Key ${light.distanceM.toFixed(2)} m from the mark, ${light.heightM.toFixed(2)} m high`,
  ];
}
