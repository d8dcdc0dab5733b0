import fc from 'fast-check';
import {
  HAND_SHAPES,
  neutralPose,
  SETTING_IDS,
  SETTINGS,
  withContact,
  type ContactTarget,
  type Gaze,
  type Pose,
  type SettingId,
} from '@/core/pose';

/** Where hands are laid most. */
export const USUAL_PLACES = [
  'waistFront',
  'waistSide',
  'hipCrest',
  'frontPocket',
  'other:upperArm',
] as const satisfies readonly ContactTarget[];
export type UsualPlace = (typeof USUAL_PLACES)[number];

/**
 * Settings a standing sitter can be asked for together: each absent, or up to `share` of the way from neutral to one
 * of its ends.
 */
export function settingsWithin(share: number): fc.Arbitrary<Pose['settings']> {
  const values = Object.fromEntries(
    SETTING_IDS.map((id) => {
      const { min, max, neutral } = SETTINGS[id];
      return [
        id,
        fc
          .double({
            min: neutral + (min - neutral) * share,
            max: neutral + (max - neutral) * share,
            noNaN: true,
          })
          // a file does not keep the sign of zero
          .map((value) => value + 0),
      ];
    }),
  ) as Record<SettingId, fc.Arbitrary<number>>;
  return fc.record(values, { requiredKeys: [], noNullPrototype: true });
}

const gaze: fc.Arbitrary<Gaze> = fc.oneof(
  fc.constantFrom<Gaze>({ kind: 'lens' }, { kind: 'ahead' }, { kind: 'down' }),
  fc.record(
    {
      kind: fc.constant('offLens' as const),
      leftDeg: fc.integer({ min: -40, max: 40 }),
      upDeg: fc.integer({ min: -30, max: 30 }),
    },
    { noNullPrototype: true },
  ),
);
const hand = fc.constantFrom(...HAND_SHAPES);
const landmark = fc.constantFrom(null, ...USUAL_PLACES);

/** Any pose the schema allows. */
export const anyPose: fc.Arbitrary<Pose> = fc
  .record({ settings: settingsWithin(1), gaze, left: hand, right: hand, toLeft: landmark, toRight: landmark })
  .map(({ settings, gaze: eyes, left, right, toLeft, toRight }) =>
    withContact(
      withContact({ ...neutralPose('any'), settings, gaze: eyes, hands: { left, right } }, 'left', toLeft),
      'right',
      toRight,
    ),
  );
