'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { X } from 'lucide-react';
import { useState } from 'react';
import type { Room } from '@/core/scene';
import { database, dropRoom, keepRoom, keptRooms } from '@/data';
import { doNow } from '@/keeping';

interface KeptRoomsProps {
  room: Room;
  onChange(room: Room): void;
}

/** What was just done, and how it is undone. */
interface Told {
  words: string;
  undo?: () => void;
}

/** Rooms that are kept for every sitting: this one put there, another taken from there. */
export function KeptRooms({ room, onChange }: KeptRoomsProps) {
  const kept = useLiveQuery(() => keptRooms(database), []) ?? [];
  const [told, setTold] = useState<Told | null>(null);
  const putBack = (before: Room) =>
    doNow('keptRoom', () => keepRoom(database, before), { done: () => setTold(null) });
  const keep = () =>
    doNow('keptRoom', () => keepRoom(database, room), {
      done: (before) =>
        setTold({
          words: before ? `${room.name} is kept in place of the one before.` : `${room.name} is kept.`,
          ...(before && { undo: () => putBack(before) }),
        }),
      refused: (why) => setTold({ words: `Not kept: ${why}` }),
    });
  const drop = ({ name }: Room) =>
    doNow('keptRoom', () => dropRoom(database, name), {
      done: (gone) => gone && setTold({ words: `${name} is taken out.`, undo: () => putBack(gone) }),
    });
  return (
    <div className="space-y-1">
      <ul>
        {kept.map((other) => (
          <li key={other.name} className="flex items-center justify-between border-t border-base-300">
            <button
              type="button"
              className="min-h-8 min-w-0 truncate text-left"
              aria-label={`Use ${other.name}`}
              onClick={() => {
                onChange(other);
                setTold({ words: `The sitting is in ${other.name}.`, undo: () => onChange(room) });
              }}
            >
              {other.name}{' '}
              <span className="quiet text-xs tabular-nums">
                {other.widthM} × {other.depthM} m
              </span>
            </button>
            <button
              type="button"
              aria-label={`Take ${other.name} out of the kept rooms`}
              className="p-2"
              onClick={() => drop(other)}
            >
              <X size={14} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="link-act" onClick={keep}>
        Keep this room
      </button>
      {told && (
        <p role="status" className="text-xs">
          {told.words}{' '}
          {told.undo && (
            <button
              type="button"
              className="link-act"
              onClick={() => {
                told.undo!();
                setTold(null);
              }}
            >
              Undo
            </button>
          )}
        </p>
      )}
    </div>
  );
}
