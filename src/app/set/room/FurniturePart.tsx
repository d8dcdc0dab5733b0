'use client';

import { X } from 'lucide-react';
import {
  MOST_FURNITURE,
  SUPPORT_KINDS,
  SUPPORTS,
  type Furniture,
  type Room,
  type SupportKindName,
} from '@/core/scene';
import { KeptField, numberProblem } from '@/ui/fields/KeptField';
import { decimalFrom } from '@/core/checks';

type PieceNumber = 'fromLeftM' | 'fromBackM' | 'turnLeftDeg';
const NUMBERS: readonly (readonly [PieceNumber, string, number, number, string])[] = [
  ['fromLeftM', 'from the left wall', 0, 60, 'm'],
  ['fromBackM', 'from the back wall', 0, 60, 'm'],
  ['turnLeftDeg', 'turned left', -180, 180, '°'],
];

/** Where a new piece is put: in the room, and not on the mark, to the centimetre. */
const aFifthOf = (m: number) => Math.round(m * 20) / 100;

interface FurniturePartProps {
  room: Room;
  onChange(room: Room): void;
}

/** What stands in the room besides what carries the sitter: each piece by the tape, from two walls. */
export function FurniturePart({ room, onChange }: FurniturePartProps) {
  const pieces = room.furniture ?? [];
  const set = (next: Furniture[]) => {
    const { furniture: _, ...rest } = room;
    onChange(next.length > 0 ? { ...rest, furniture: next } : rest);
  };
  return (
    <div className="space-y-2">
      {pieces.map((piece, at) => {
        const name = `${SUPPORTS[piece.kind].words} ${at + 1}`;
        return (
          <fieldset
            key={at}
            className="relative grid grid-cols-2 gap-x-3 gap-y-2 border-t border-base-300 pt-1"
          >
            <legend className="sr-only">{name}</legend>
            <b className="col-span-2 first-letter:uppercase">{SUPPORTS[piece.kind].words}</b>
            {NUMBERS.map(([number, words, min, max, unit]) => (
              <KeptField
                key={number}
                label={`${name}, ${words}, ${unit}`}
                value={String(piece[number])}
                problem={numberProblem(words, min, max, unit)}
                onKeep={(text) =>
                  set(pieces.map((p, i) => (i === at ? { ...p, [number]: decimalFrom(text) } : p)))
                }
              />
            ))}
            <button
              type="button"
              aria-label={`Take ${name} away`}
              className="absolute top-0 right-0 p-1.5"
              onClick={() => set(pieces.filter((_, i) => i !== at))}
            >
              <X size={14} aria-hidden />
            </button>
          </fieldset>
        );
      })}
      {pieces.length < MOST_FURNITURE && (
        <select
          aria-label="Add a piece of furniture"
          className="h-8 w-full border border-base-300 bg-base-100 px-2"
          value=""
          onChange={(e) =>
            set([
              ...pieces,
              {
                kind: e.target.value as SupportKindName,
                fromLeftM: aFifthOf(room.widthM),
                fromBackM: aFifthOf(room.depthM),
                turnLeftDeg: 0,
              },
            ])
          }
        >
          <option value="">add a piece</option>
          {SUPPORT_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {SUPPORTS[kind].words}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}
