import { CARRIED, contactPart, SETTINGS, type Change } from '@/core/pose';

/** What is other still, named shortly. */
export function leftWords(change: Change): string {
  switch (change.kind) {
    case 'setting':
      return SETTINGS[change.id].words;
    case 'carried':
      return CARRIED[change.to.support].words;
    case 'contact':
      return `where the ${contactPart(change)} lies`;
    case 'hand':
      return `shape of the ${change.side} hand`;
    case 'expression':
      return 'expression';
    case 'gaze':
      return 'gaze';
  }
}
