import { create } from 'zustand';
import type { StoreFault } from '@/data';
import { useStoreState } from './storeState';

/** Why something is not on disk: the store failed, or what was said cannot be kept as it is. */
export type Refusal = { kind: 'store'; fault: StoreFault } | { kind: 'said'; why: string };

/** What is kept on its way to the disk. */
export type Thing =
  | 'pose'
  | 'person'
  | 'frame'
  | 'place'
  | 'order'
  | 'removal'
  | 'newPose'
  | 'newPerson'
  | 'bin'
  | 'people'
  | 'group'
  | 'newSitting'
  | 'brief'
  | 'room'
  | 'keptRoom'
  | 'ownPose'
  | 'ownSchool'
  | 'lenses'
  | 'theme'
  | 'pace'
  | 'opened'
  | 'setAside'
  | 'erase'
  | 'file';

/** Something that is not on disk, and what can be done with it. */
export interface Unkept {
  thing: Thing;
  refusal: Refusal;
  /** How many things wait, this one among them; none where it is given up already. */
  waiting: number;
  tryNow(): void;
  /** Gives it up, or forgets it. */
  letGo(): void;
}

interface UnkeptState {
  /** By the name of who keeps it. */
  all: Readonly<Record<string, Unkept>>;
  tell(by: string, unkept: Unkept | null): void;
}

/** All that is not on disk, whoever keeps it, so that every place can tell it. */
export const useUnkept = create<UnkeptState>()((set, get) => ({
  all: {},
  tell: (by, unkept) => {
    const { [by]: before, ...rest } = get().all;
    if (unkept) set({ all: { ...rest, [by]: unkept } });
    else if (before) set({ all: rest });
  },
}));

/** Whether something waits that closing the page would lose. */
export function isUnkept(): boolean {
  return Object.values(useUnkept.getState().all).some(({ waiting }) => waiting > 0);
}

/** Whatever place is open, a page with something that could not be written is not closed without a question. */
function warn(event: BeforeUnloadEvent): void {
  // where the store is gone, staying cannot help
  if (isUnkept() && useStoreState.getState().kind !== 'fault') event.preventDefault();
}
if (typeof window !== 'undefined') addEventListener('beforeunload', warn);
