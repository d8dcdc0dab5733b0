import type { StoreFault } from '@/data';
import type { Refusal, Thing } from '@/keeping';

interface FaultWords {
  /** What is wrong, as a heading. */
  title: string;
  /** What it means for one's work, and what to do. */
  advice: string;
  /** The reason within a sentence. */
  why: string;
}

/** What is wrong with the store, in words. */
export const FAULT_WORDS: Record<StoreFault, FaultWords> = {
  absent: {
    title: 'This browser keeps nothing for Gilvo',
    advice:
      'Gilvo keeps people and sittings in the browser itself, and this window forbids it. Open it in an ordinary window, not a private one, or allow this site to keep data.',
    why: 'this browser keeps nothing for Gilvo',
  },
  held: {
    title: 'An older Gilvo is open in another tab',
    advice:
      'It holds your data in their earlier form. Close the other tabs of Gilvo; this one goes on by itself as soon as they are closed.',
    why: 'an older Gilvo in another tab holds the data',
  },
  outdated: {
    title: 'A newer Gilvo is at work in this browser',
    advice: 'It has brought your data up to date. This page is the older one: load it anew to go on.',
    why: 'a newer Gilvo has brought the data up to date',
  },
  cleared: {
    title: 'What Gilvo kept was taken away meanwhile',
    advice:
      'The browser cleared its data, or another program did. Nothing that is done here is kept any more. Load the page anew, and restore your last backup.',
    why: 'the browser has cleared what Gilvo kept',
  },
  lost: {
    title: 'What was kept here is gone',
    advice:
      'Gilvo was used in this browser before, but its data are empty now. If you have a backup or the files of your sittings, begin anew and open them on the desk.',
    why: 'what was kept here is gone',
  },
  damaged: {
    title: 'What Gilvo kept cannot be read',
    advice:
      'The browser reports that its files are damaged. Start the browser again first: often that is enough. If it is not, clear the data of this site in the browser’s settings, and restore your last backup.',
    why: 'the browser cannot read its files',
  },
  full: {
    title: 'This device has no room left for Gilvo',
    advice: 'Make room on the device, or clear the data of other sites.',
    why: 'there is no room left on this device',
  },
  refused: {
    title: 'The browser refuses to open what Gilvo keeps',
    advice: 'Load the page anew. If that does not help, start the browser again.',
    why: 'the browser refuses to write',
  },
};

/** What is on its way to the disk, in words that begin a sentence. */
export const THING_WORDS: Record<Thing, string> = {
  pose: 'An edit of a pose',
  person: 'An edit of a person’s record',
  frame: 'A frame',
  place: 'Your place on set',
  order: 'The new order of the run',
  removal: 'The removal',
  newPose: 'A new pose of the run',
  newPerson: 'The new person',
  bin: 'The move to or from the bin',
  people: 'The people from the file',
  group: 'A change of a group',
  newSitting: 'The new sitting',
  brief: 'A change of the brief',
  room: 'A change of the room',
  keptRoom: 'A kept room',
  ownPose: 'An own pose',
  ownSchool: 'An own school',
  lenses: 'A change of the lenses',
  theme: 'The choice of light or dark',
  pace: 'A change of your pace',
  opened: 'Where you stopped',
  setAside: 'What became of a record that was set aside',
  erase: 'The erasing',
  file: 'What was read from a file',
};

/** Why something is not on disk, within a sentence. */
export function refusalWords(refusal: Refusal): string {
  return refusal.kind === 'store' ? FAULT_WORDS[refusal.fault].why : refusal.why;
}
