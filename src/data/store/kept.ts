import type { BodySurface, Found } from '@/core/body';
import type { OwnSchool } from '@/core/brief';
import type { Said } from '@/core/cues';
import type { Group, Sitter } from '@/core/people';
import type { Room } from '@/core/scene';
import type { Lens } from '@/core/set';
import type { Frame, OwnPose, Sitting, Take } from '@/core/sitting';

/** What is remembered about the application itself. */
export interface Preference {
  key: 'theme' | 'lastTake' | 'demoPlaced' | 'storeId' | 'lastBackup' | 'pace' | `direct:${string}`;
  value: string;
}

/** A built surface with what was found of its body, kept so that neither need be worked out again. */
export interface StoredSurface {
  key: string;
  surface: BodySurface;
  found: Found;
  usedAt: number;
}

/** A small picture, kept so that it need not be worked out again. */
export interface StoredPicture {
  key: string;
  picture: { width: number; height: number; bytes: Uint8ClampedArray<ArrayBuffer> };
  /** What was found of a pose in it, where it shows one of the library. */
  told?: ToldOfPose;
  usedAt: number;
}

/** What the library tells of a pose on a sitter. */
export interface ToldOfPose {
  /** Stops and faults that the review sees in it: as it is, or once it is fitted. */
  faults: number;
  /** How much of the pose was changed so that it suits the sitter; null while it is shown as it is. */
  changes: number | null;
  /** How long its hardest joint can hold it, seconds; null where nothing tires. */
  holdS: number | null;
}

/** A pose of the library on a sitter. */
export type PoseView = Required<Pick<StoredPicture, 'picture' | 'told'>>;

/** What is said on the way to a picture, kept so that it need not be worked out again. */
export interface StoredWords {
  key: string;
  said: Said;
  usedAt: number;
}

/** What a record said whenever it was in a file, so that an older and a newer state can be told apart. */
export interface StoredLineage {
  /** Table and key of the record. */
  key: string;
  past: string[];
}

/** What the photographer owns. */
export interface Kit {
  id: 'own';
  lenses: Lens[];
}

/** What a person said, table by table: all that is kept, sent, backed up and restored. */
export interface Records {
  sitters: Sitter;
  groups: Group;
  sittings: Sitting;
  takes: Take;
  frames: Frame;
  poses: OwnPose;
  schools: OwnSchool;
  kits: Kit;
  rooms: Room;
  preferences: Preference;
}
export type TableId = keyof Records;

/** A record that could not be read, kept as it is until somebody decides what becomes of it. */
export interface SetAside {
  /** Table and key of the record. */
  key: string;
  table: TableId;
  name?: string;
  /** What is wrong with it: field, value, range. */
  reason: string;
  foundAt: string;
  record: unknown;
}
