import type { Prompts } from './moods';

/** What draws an expression, in English. Our own. */
export const ENGLISH_PROMPTS: Prompts = {
  strong: [
    'You have just won, and nobody knows yet.',
    'Look at me as if I were the one who is late.',
    'Breathe in, stand your ground, and now look.',
  ],
  soft: [
    'Think of somebody whom you like to hear laugh.',
    'Breathe out slowly, and let the eyes come last.',
    'Remember the quietest morning of this year.',
  ],
  open: [
    'Say hello to me without a word.',
    'Somebody you like has just come in behind me.',
    'Tell me with your eyes that you are glad to be here.',
  ],
  reserved: [
    'You know something that I do not.',
    'Keep it to yourself, and look at me.',
    'Listen to something far away.',
  ],
  formal: [
    'Close your eyes. Open them: good morning.',
    'Say your name to me, silently.',
    'You are about to answer, and you know the answer.',
  ],
  easy: [
    'Tell me what you had for breakfast. Stop there.',
    'Shake your hands out. Now do nothing at all.',
    'Blow out your cheeks. And rest.',
  ],
  still: [
    'Nothing to do. Look through me at the far bank.',
    'Count three breaths, and look up on the third.',
    'Let your face fall asleep, but not your eyes.',
  ],
  moving: [
    'Look away, and come back when I say now.',
    'Start to say no, and change your mind.',
    'Turn to me as if I had called your name.',
  ],
  child: [
    'Whatever happens now, do not laugh.',
    'Show me how the cat looks when the door opens.',
    'Where do you think the boat is hiding?',
  ],
};
