import type { Panel } from '@/take/poseStore';

/** What the panels are called. */
export const TITLES: Record<Panel, string> = {
  feet: 'Feet',
  weight: 'Weight',
  hips: 'Hips and knees',
  spine: 'Spine',
  shoulders: 'Shoulders',
  arms: 'Arms',
  hands: 'Hands',
  head: 'Head and chin',
  gaze: 'Gaze',
  camera: 'Camera',
  light: 'Light',
};

/** One sentence of the trade for each. */
export const HINTS: Record<Panel, string> = {
  feet: 'Everything stands on them. Set them first.',
  weight: 'On the back foot a pose is stable.',
  hips: 'Turn, drop one side, bend the free knee.',
  spine: 'Long first, then soft.',
  shoulders: 'Turned a little, low, one may be higher.',
  arms: 'A little bent, with daylight to the waist.',
  hands: 'Every hand has a job.',
  head: 'Body first, then the head. Face towards the lens, chin a little down.',
  gaze: 'The eyes come last.',
  camera: 'Distance makes the proportions, focal length the frame.',
  light: 'One soft key and what the room gives back.',
};
