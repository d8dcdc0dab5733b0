import type { MarkWords } from '../../words';

/** Where somebody goes, in English. */
export const ENGLISH_MARKS: MarkWords = {
  lift: {
    hip: 'Lift {who} onto your {side} hip',
    lap: 'Take {who} onto your {side} thigh',
    back: 'Take {who} onto your back',
    shoulders: 'Lift {who} onto your shoulders, with help',
  },
  putDown: 'Put {who} down, gently',
  comeClose: 'Come close to {who}',
  comeToTouch: 'Come close to {who}, so that you touch',
  stepAside: 'Step to your {side}, {steps}',
  stepForward: 'Step forward, {steps}',
  stepBack: 'Step back, {steps}',
  turn: 'Turn on the spot to your {side}, {amount}',
  boxUp: 'Step up onto the box',
  boxDown: 'Step down from the box',
  boxAcross: 'Step onto the other box',
  steps: { half: 'half a step', one: 'one step', many: '{count} steps' },
  amounts: { touch: 'a touch', little: 'a little', goodBit: 'a good bit', allTheWay: 'all the way' },
};
