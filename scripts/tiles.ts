import { PNG } from 'pngjs';
import type { PictureBytes } from '@/workers/shotReport';

/** A white sheet of equal tiles. */
export interface Sheet {
  png: PNG;
  tile: { width: number; height: number };
}

export function createSheet(columns: number, rows: number, tile: Sheet['tile']): Sheet {
  const png = new PNG({ width: columns * tile.width, height: rows * tile.height });
  png.data.fill(255);
  return { png, tile };
}

/** Copies the middle of a picture into one tile. */
export function putTile({ png, tile }: Sheet, picture: PictureBytes, column: number, row: number): void {
  const left = Math.round((picture.width - tile.width) / 2);
  const top = Math.round((picture.height - tile.height) / 2);
  for (let y = 0; y < tile.height; y++)
    for (let x = 0; x < tile.width; x++) {
      const from = ((y + top) * picture.width + x + left) * 4;
      const to = ((y + row * tile.height) * png.width + x + column * tile.width) * 4;
      for (let c = 0; c < 4; c++) png.data[to + c] = picture.bytes[from + c]!;
    }
}
