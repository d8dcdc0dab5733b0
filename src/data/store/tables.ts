import { z, type ZodType } from 'zod';
import { ownSchoolSchema } from '@/core/brief';
import { groupSchema, sitterSchema } from '@/core/people';
import { roomSchema } from '@/core/scene';
import { lensSchema } from '@/core/set';
import {
  frameSchema,
  ownPoseSchema,
  sittingSchema,
  takeSchema,
  upgradeSitter,
  upgradeSitting,
  upgradeTake,
  type SitterOfSitting,
} from '@/core/sitting';
import type { Preference, Records, TableId } from './kept';

interface TableRow<T> {
  schema: ZodType<T>;
  /** The property by which a record is found. */
  key: keyof T & string;
  /** Brings a record of an earlier version up to date; one that is as it should be stays. */
  upgrade(raw: unknown, sitterOf: SitterOfSitting): unknown;
  /** What a record is called, where a person gave it a name. */
  nameOf(record: T): string | undefined;
}

/** Records of these tables are as they always were. */
const asItIs = (raw: unknown) => raw;

/** Each table of what a person said, in an order in which nothing refers to what comes later. */
export const TABLES: { readonly [K in TableId]: TableRow<Records[K]> } = {
  sitters: { schema: sitterSchema, key: 'id', upgrade: upgradeSitter, nameOf: (r) => r.name },
  groups: { schema: groupSchema, key: 'id', upgrade: asItIs, nameOf: (r) => r.name },
  sittings: { schema: sittingSchema, key: 'id', upgrade: upgradeSitting, nameOf: (r) => r.title },
  takes: {
    schema: takeSchema,
    key: 'id',
    upgrade: upgradeTake,
    nameOf: (r) => r.shot?.people?.[0]?.pose?.name,
  },
  frames: { schema: frameSchema, key: 'id', upgrade: asItIs, nameOf: (r) => r.takenAt },
  poses: { schema: ownPoseSchema, key: 'id', upgrade: asItIs, nameOf: (r) => r.name },
  schools: { schema: ownSchoolSchema, key: 'id', upgrade: asItIs, nameOf: (r) => r.name },
  kits: {
    schema: z.strictObject({ id: z.literal('own'), lenses: z.array(lensSchema).max(200) }),
    key: 'id',
    upgrade: asItIs,
    nameOf: () => undefined,
  },
  rooms: { schema: roomSchema, key: 'name', upgrade: asItIs, nameOf: (r) => r.name },
  preferences: {
    schema: z.strictObject({
      key: z.string().max(120) as ZodType<string> as ZodType<Preference['key']>,
      value: z.string().max(4000),
    }),
    key: 'key',
    upgrade: asItIs,
    nameOf: () => undefined,
  },
};
export const TABLE_IDS = Object.keys(TABLES) as TableId[];

/** The key of a record as it stands in the store, sound or not. */
export function keyOf(table: TableId, record: unknown): string {
  return String((record as Record<string, unknown> | null)?.[TABLES[table].key]);
}

/** What a record is called, sound or not; undefined where it has no name. */
export function nameOf<K extends TableId>(table: K, record: unknown): string | undefined {
  const name: unknown = TABLES[table].nameOf(record as Records[K]);
  return typeof name === 'string' && name !== '' ? name : undefined;
}

/** A record's name in the whole store. */
export function fullKey(table: TableId, record: unknown): string {
  return `${table}/${keyOf(table, record)}`;
}
