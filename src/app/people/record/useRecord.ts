'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { sitterSchema, type Sitter } from '@/core/people';
import { database, savePerson } from '@/data';

/** How far what was typed is on disk. */
export type Kept = 'kept' | 'keeping' | 'wrong' | 'failed';

/**
 * A record as it is edited. What is right is written as it is typed, at once, so that nothing is lost when the page is
 * closed; while one write runs, the newest state waits.
 */
export function useRecord(stored: Sitter) {
  const form = useForm<Sitter>({
    defaultValues: stored,
    resolver: zodResolver(sitterSchema),
    mode: 'onChange',
  });
  const [kept, setKept] = useState<Kept>('kept');
  const changed = useRef(false);

  useEffect(() => {
    let saving = false;
    const write = async (): Promise<Kept> => {
      const said = sitterSchema.safeParse(form.getValues());
      if (!said.success) return 'wrong';
      return savePerson(database, said.data).then(
        () => 'kept',
        () => 'failed',
      );
    };
    const save = async () => {
      if (saving) return;
      saving = true;
      while (changed.current) {
        changed.current = false;
        const written = await write();
        if (written !== 'kept' || !changed.current) setKept(written);
      }
      saving = false;
    };
    return form.subscribe({
      formState: { values: true },
      callback: ({ type, name }) => {
        if (type === undefined && name === undefined) return;
        changed.current = true;
        setKept('keeping');
        void save();
      },
    });
  }, [form]);
  return { form, kept };
}
