'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import isSame from 'fast-deep-equal';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { rebased } from '@/core/changes';
import { sitterSchema, withoutGaps, type Sitter } from '@/core/people';
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
  const saving = useRef(false);
  const base = useRef(stored);

  /** Brings what others have changed into the form; what was typed here stays. */
  const follow = useCallback(
    (before: Sitter, now: Sitter) => {
      base.current = now;
      const values = form.getValues();
      const both = rebased(values, before, now);
      if (!isSame(withoutGaps(values), withoutGaps(both))) form.reset(both);
    },
    [form],
  );

  useEffect(() => {
    const known = base.current;
    // read anew: what the page was given may be older than what was written from here since
    void database.sitters.get(stored.id).then((now) => {
      const isOwn = saving.current || changed.current || base.current !== known;
      if (now && !isOwn && !isSame(known, now)) follow(known, now);
    });
  }, [stored, follow]);

  useEffect(() => {
    const write = async (): Promise<Kept> => {
      const said = sitterSchema.safeParse(form.getValues());
      if (!said.success) return 'wrong';
      try {
        const { record } = await savePerson(database, base.current, said.data);
        follow(said.data, record);
        return 'kept';
      } catch {
        return 'failed';
      }
    };
    const save = async () => {
      if (saving.current) return;
      saving.current = true;
      while (changed.current) {
        changed.current = false;
        const now = await write();
        if (now !== 'kept' || !changed.current) setKept(now);
      }
      saving.current = false;
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
  }, [form, follow]);
  return { form, kept };
}
