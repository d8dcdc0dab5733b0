import { expose, type ProxyMarked } from 'comlink';
import { assertSize } from '@/core/formats';
import { guessMapping, importLines, type ColumnMapping, type Sitter } from '@/core/people';
import { addPeople, AVERAGE_PROFILE, database, stayClosed } from '@/data';
import { holdLock } from './holdLock';
import { readCards, readCsv, type TableText } from './peopleText';

/** Larger files of people are not read, bytes. */
const MOST_BYTES = 20e6;
/** Lines that are understood before the page is told how far it is. */
const AT_ONCE = 500;
/** Lines with problems that are told one by one, and lines that are shown. */
const TOLD = 50;
const SHOWN = 8;

stayClosed(database);

/** A file of people as it was read. */
export interface PeopleFile {
  headings: string[];
  /** The first lines. */
  lines: string[][];
  lineCount: number;
  mapping: ColumnMapping;
}

/** What the lines of a file say under a mapping of its columns. */
export interface Understood {
  good: number;
  /** Names that are in the list already. */
  twice: number;
  bad: { line: number; problems: string[] }[];
  badCount: number;
}

type OnShare = ((share: number) => void) & ProxyMarked;

let table: TableText = { headings: [], lines: [] };
let understood: Sitter[] = [];
/** Counts what was asked, so that an older question gives way to a newer one. */
let asked = 0;

const breath = () => new Promise((resolve) => setTimeout(resolve));

const api = {
  holdLock,

  /**
   * Reads a file of people.
   * @throws Error in words that can be shown when it is too large or cannot be read.
   */
  async open(file: File): Promise<PeopleFile> {
    assertSize(file.name, file.size, MOST_BYTES);
    const text = await file.text();
    table = /BEGIN:VCARD/i.test(text) ? readCards(text, new Date()) : readCsv(text);
    const { headings, lines } = table;
    const mapping = table.mapping ?? guessMapping(headings);
    return { headings, lines: lines.slice(0, SHOWN), lineCount: lines.length, mapping };
  },

  /** Understands every line; null where it was asked anew meanwhile. */
  async understand(mapping: ColumnMapping, onShare: OnShare): Promise<Understood | null> {
    const question = ++asked;
    const known = new Set(await database.sitters.orderBy('name').keys());
    const first = table.mapping ? 1 : 2;
    const good: Sitter[] = [];
    const result: Understood = { good: 0, twice: 0, bad: [], badCount: 0 };
    for (let i = 0; i < table.lines.length; i += AT_ONCE) {
      const slice = table.lines.slice(i, i + AT_ONCE);
      for (const line of importLines(slice, mapping, AVERAGE_PROFILE, () => crypto.randomUUID(), first + i))
        if ('sitter' in line) good.push(line.sitter);
        else if (++result.badCount <= TOLD) result.bad.push(line);
      onShare(Math.min(1, (i + AT_ONCE) / table.lines.length));
      await breath();
      if (question !== asked) return null;
    }
    understood = good;
    return { ...result, good: good.length, twice: good.filter((s) => known.has(s.name)).length };
  },

  /** Adds all who were understood, or none. */
  add: (): Promise<void> => addPeople(database, understood),
};
export type PeopleFilesApi = typeof api;
expose(api);
