'use client';

import { WALL_WORDS, WALLS, type Room } from '@/core/scene';
import { Folded } from '@/ui/fields/Folded';
import { KeptField, numberProblem, textProblem } from '@/ui/fields/KeptField';
import { decimalFrom } from '@/core/checks';
import { Choice } from '@/ui/fields/Choice';
import { BackdropPart } from './BackdropPart';
import { FurniturePart } from './FurniturePart';
import { KeptRooms } from './KeptRooms';
import { WindowsPart } from './WindowsPart';

type RoomNumber = 'widthM' | 'depthM' | 'markToBackM' | 'markToLeftM';
const NUMBERS: readonly (readonly [RoomNumber, string, number])[] = [
  ['widthM', 'width', 1],
  ['depthM', 'depth', 1],
  ['markToBackM', 'mark to the back wall', 0],
  ['markToLeftM', 'mark to the left wall', 0],
];
interface RoomPartProps {
  room: Room;
  /** Why the last change was not kept. */
  failed: string | null;
  onChange(room: Room): void;
}

/** The room by its tape measure: what a person said of it, field by field. */
export function RoomPart({ room, failed, onChange }: RoomPartProps) {
  const end = (name: 'fromM' | 'toM', label: string) => (
    <KeptField
      label={`${label}, m`}
      value={String(room.door[name])}
      problem={numberProblem(label, 0, 60, 'm')}
      onKeep={(text) => onChange({ ...room, door: { ...room.door, [name]: decimalFrom(text) } })}
    />
  );
  return (
    <section aria-label="Room" className="space-y-2.5">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <div className="col-span-2">
          <KeptField
            label="room"
            value={room.name}
            problem={textProblem('Room', 1, 80)}
            onKeep={(name) => onChange({ ...room, name })}
          />
        </div>
        {NUMBERS.map(([name, words, least]) => (
          <KeptField
            key={name}
            label={`${words}, m`}
            value={String(room[name])}
            problem={numberProblem(words, least, 60, 'm')}
            onKeep={(text) => onChange({ ...room, [name]: decimalFrom(text) })}
          />
        ))}
        <Choice
          label="door in"
          value={room.door.wall}
          options={WALLS}
          words={WALL_WORDS}
          onChange={(wall) => onChange({ ...room, door: { ...room.door, wall } })}
        />
        <KeptField
          label="called"
          value={room.door.words}
          problem={textProblem('Door', 0, 40)}
          onKeep={(words) => onChange({ ...room, door: { ...room.door, words } })}
        />
        {end('fromM', 'door from')}
        {end('toM', 'door to')}
      </div>
      {failed && (
        <p role="alert" className="text-xs text-error">
          {failed}
        </p>
      )}
      <Folded title="Background and floor" isSet={false}>
        <BackdropPart room={room} onChange={onChange} />
      </Folded>
      <Folded title={`Windows: ${room.windows?.length ?? 0}`} isSet={false}>
        <WindowsPart room={room} onChange={onChange} />
      </Folded>
      <Folded title={`Furniture: ${room.furniture?.length ?? 0}`} isSet={false}>
        <FurniturePart room={room} onChange={onChange} />
      </Folded>
      <Folded title="Kept rooms" isSet={false}>
        <KeptRooms room={room} onChange={onChange} />
      </Folded>
    </section>
  );
}
