'use client';

import { useState } from 'react';
import { PRESET_NAMES, PRESETS, type Preset } from '@/core/brief';
import { HANDS_BUSY, HANDS_IDS, type BodyFraming, type HandsId, type PoseFilter } from '@/core/library';
import { HEIGHT_IDS, HEIGHTS, type HeightId } from '@/core/pose';
import { SUPPORT_KINDS, SUPPORTS, type SupportKindName } from '@/core/scene';
import { FRAMING_WORDS, FRAMINGS } from '@/core/set';
import { Choice } from '@/ui/fields/Choice';
import type { Library } from './useLibrary';

/** Nothing is wanted in particular. */
const ANY = 'any';
type OrAny<Id extends string> = Id | typeof ANY;

const LEVELS = ['1', '2', '3', '4', '5'] as const;
const LEVEL_WORDS = {
  '1': 'easy only',
  '2': 'up to level 2',
  '3': 'up to level 3',
  '4': 'up to level 4',
  '5': 'any level',
} as const;

function wordsOf<Id extends string>(
  ids: readonly Id[],
  words: (id: Id) => string,
): Record<OrAny<Id>, string> {
  return Object.fromEntries([[ANY, 'any'], ...ids.map((id) => [id, words(id)])]) as Record<OrAny<Id>, string>;
}

const ON: readonly ('nothing' | SupportKindName)[] = ['nothing', ...SUPPORT_KINDS];
const HEIGHT_WORDS = wordsOf(HEIGHT_IDS, (id) => HEIGHTS[id].words);
const PRESET_WORDS = wordsOf(PRESET_NAMES, (name) => PRESETS[name].words);
const HANDS_WORDS = wordsOf(HANDS_IDS, (id) => HANDS_BUSY[id].words);
const ON_WORDS = wordsOf(ON, (id) => (id === 'nothing' ? 'nothing' : SUPPORTS[id].words));

const TAKEN_WORDS = wordsOf(FRAMINGS, (id) => FRAMING_WORDS[id]);

/** How soon somebody is in a pose who stands at ease. */
const SOON = {
  any: { words: 'any time', mostSeconds: Infinity },
  halfMinute: { words: 'within 30 s', mostSeconds: 30 },
  minute: { words: 'within 1 min', mostSeconds: 60 },
} as const;
type SoonId = keyof typeof SOON;
const SOON_IDS = Object.keys(SOON) as SoonId[];
const SOON_WORDS = Object.fromEntries(SOON_IDS.map((id) => [id, SOON[id].words])) as Record<SoonId, string>;

function soonOf(mostSeconds: number): SoonId {
  return SOON_IDS.find((id) => SOON[id].mostSeconds === mostSeconds) ?? 'any';
}

function orNull<Id extends string>(value: OrAny<Id>): Id | null {
  return value === ANY ? null : (value as Id);
}

/** Choices that no collection can be called: names do not end in a line break. */
const EVERYBODYS = 'any\n';
const OWN = 'own\n';

interface OwnChoiceProps {
  own: PoseFilter['own'];
  collections: readonly string[];
  onOwn(own: PoseFilter['own']): void;
}

/** Whose poses: everybody's, one's own, or one collection of them. */
function OwnChoice({ own, collections, onOwn }: OwnChoiceProps) {
  const value = own === null ? EVERYBODYS : own === 'all' ? OWN : own.collection;
  const ofId = (id: string) => (id === EVERYBODYS ? null : id === OWN ? 'all' : { collection: id });
  const words = {
    [EVERYBODYS]: 'any',
    [OWN]: 'my own',
    ...Object.fromEntries(collections.map((c) => [c, c])),
  };
  return (
    <Choice
      label="collection"
      value={value}
      options={[EVERYBODYS, OWN, ...collections]}
      words={words}
      onChange={(id) => onOwn(ofId(id))}
    />
  );
}

interface PartProps {
  filter: PoseFilter;
  put(change: Partial<PoseFilter>): void;
}

/** How the body is carried, on what, and with which hands. */
function CarriageFilters({ filter, put }: PartProps) {
  return (
    <>
      <Choice<OrAny<HeightId>>
        label="height"
        value={filter.height ?? ANY}
        options={[ANY, ...HEIGHT_IDS]}
        words={HEIGHT_WORDS}
        onChange={(height) => put({ height: orNull(height) })}
      />
      <Choice<OrAny<'nothing' | SupportKindName>>
        label="on"
        value={filter.support ?? ANY}
        options={[ANY, ...ON]}
        words={ON_WORDS}
        onChange={(support) => put({ support: orNull(support) })}
      />
      <Choice<OrAny<HandsId>>
        label="hands"
        value={filter.hands ?? ANY}
        options={[ANY, ...HANDS_IDS]}
        words={HANDS_WORDS}
        onChange={(hands) => put({ hands: orNull(hands) })}
      />
    </>
  );
}

/** How close it is taken, how soon one is in it, and how hard it is. */
function TakingFilters({ filter, put }: PartProps) {
  return (
    <>
      <Choice<OrAny<BodyFraming>>
        label="framing"
        value={filter.framing ?? ANY}
        options={[ANY, ...FRAMINGS]}
        words={TAKEN_WORDS}
        onChange={(framing) => put({ framing: orNull(framing) })}
      />
      <Choice<SoonId>
        label="ready"
        value={soonOf(filter.mostSeconds)}
        options={SOON_IDS}
        words={SOON_WORDS}
        onChange={(id) => put({ mostSeconds: SOON[id].mostSeconds })}
      />
      <Choice<(typeof LEVELS)[number]>
        label="level"
        value={String(filter.mostLevel) as (typeof LEVELS)[number]}
        options={LEVELS}
        words={LEVEL_WORDS}
        onChange={(level) => put({ mostLevel: Number(level) })}
      />
    </>
  );
}

/** Choices of a room that none is called: names do not end in a line break. */
const ANYWHERE = 'any\n';

/** The room that a pose is for: what it needs must stand there, or be found anywhere. */
function RoomChoice({
  rooms,
  roomName,
  onRoom,
}: Pick<Library, 'rooms' | 'roomName'> & { onRoom(name: string | null): void }) {
  return (
    <Choice
      label="in"
      value={roomName ?? ANYWHERE}
      options={[ANYWHERE, ...rooms.map((room) => room.name)]}
      words={{ [ANYWHERE]: 'any room', ...Object.fromEntries(rooms.map(({ name }) => [name, name])) }}
      onChange={(name) => onRoom(name === ANYWHERE ? null : name)}
    />
  );
}

interface LibraryFiltersProps {
  library: Pick<
    Library,
    'filter' | 'setFilter' | 'preset' | 'setPreset' | 'collections' | 'rooms' | 'roomName' | 'setRoom'
  >;
}

/** What poses are found by. */
export function LibraryFilters({ library }: LibraryFiltersProps) {
  const { filter, setFilter, preset, setPreset, collections, rooms, roomName, setRoom } = library;
  const [isOpen, setOpen] = useState(false);
  const put = (change: Partial<PoseFilter>) => setFilter({ ...filter, ...change });
  return (
    <div
      className="grid grid-cols-2 gap-3 sm:grid-cols-4 lg:grid-cols-10 lg:gap-2"
      role="search"
      aria-label="Find poses"
    >
      <label className="col-span-2 block min-w-0 sm:col-span-1">
        <span className="block leading-tight">Words</span>
        <input
          type="search"
          className="field mt-1 w-full"
          value={filter.text}
          onChange={(e) => put({ text: e.target.value })}
        />
      </label>
      <button
        type="button"
        className="link-act col-span-2 text-left sm:hidden!"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        {isOpen ? 'Find by words alone' : 'Find by more than words'}
      </button>
      <div className={isOpen ? 'contents' : 'hidden sm:contents'}>
        <CarriageFilters filter={filter} put={put} />
        <RoomChoice rooms={rooms} roomName={roomName} onRoom={setRoom} />
        <TakingFilters filter={filter} put={put} />
        <Choice<OrAny<Preset>>
          label="says most"
          value={preset ?? ANY}
          options={[ANY, ...PRESET_NAMES]}
          words={PRESET_WORDS}
          onChange={(name) => setPreset(orNull(name))}
        />
        <OwnChoice own={filter.own} collections={collections} onOwn={(own) => put({ own })} />
      </div>
    </div>
  );
}
