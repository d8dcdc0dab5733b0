import type { Asides } from './aside';

/** Asides in English. Our own. */
export const ENGLISH_ASIDES: Asides = {
  feels: {
    feet: 'You feel the whole sole.',
    weight: 'You could lift the other foot and not sway.',
    hips: 'It turns at the belt, nothing pulls.',
    spine: 'As if a thread drew you up by the crown.',
    shoulders: 'They are heavy, and you let them be.',
    arms: 'Every joint has a little give.',
    hands: 'As light as on a sleeping cat.',
    head: 'The neck stays long, only the nose moves.',
    gaze: 'You see one thing, and blink when you like.',
  },
  opens: {
    plain: [],
    calm: [
      'Take your time. Nothing can go wrong.',
      'Breathe out first. Then slowly.',
      'We have all the minutes we need.',
    ],
    playful: [
      'This one is fun, you will see.',
      'Ready? Here comes something else.',
      'Now something you can tell at home.',
    ],
    brief: [],
  },
};
