'use client';

import { useState } from 'react';
import { database, importReplaces, importSitting, type ImportReplaces } from '@/data';

/** What is told of opening a file. */
export interface FileMessage {
  kind: 'done' | 'refused';
  text: string;
}

/** A file that would replace what is here, until somebody says so. */
interface Asked {
  name: string;
  text: string;
  replaces: ImportReplaces;
}

/** Opens sitting files: what is broken is refused, what would replace something here is asked about first. */
export function useOpenFile() {
  const [message, setMessage] = useState<FileMessage | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);

  async function told(name: string, work: () => Promise<void>) {
    setMessage(null);
    setAsked(null);
    try {
      await work();
    } catch (error) {
      const text = `${name} was not read. ${(error as Error).message}. Nothing was changed.`;
      setMessage({ kind: 'refused', text });
    }
  }

  async function read(name: string, text: string) {
    await importSitting(database, text);
    setMessage({ kind: 'done', text: `${name} is on the desk.` });
  }

  const open = (file: File) =>
    told(file.name, async () => {
      const text = await file.text();
      const replaces = await importReplaces(database, text);
      if (replaces.sitting || replaces.sitter) setAsked({ name: file.name, text, replaces });
      else await read(file.name, text);
    });
  const replace = ({ name, text }: Asked) => told(name, () => read(name, text));
  const keep = ({ name }: Asked) =>
    told(name, async () => setMessage({ kind: 'done', text: `${name} was left alone.` }));

  return { message, asked, open, replace, keep };
}
