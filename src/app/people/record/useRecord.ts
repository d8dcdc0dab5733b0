'use client';

import { zodResolver } from '@hookform/resolvers/zod';
import isSame from 'fast-deep-equal';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { rebased, withValue, type Conflict } from '@/core/changes';
import { sitterSchema, withoutGaps, type Sitter } from '@/core/people';
import { database } from '@/data';
import { followWrites, recordKeeper } from './recordKeeper';

/**
 * A record as it is edited. What is right goes to the keeper as it is typed; what is wrong stays in its field. What
 * others change comes into the form, and what was typed here stays.
 */
export function useRecord(stored: Sitter) {
  const [unsaved] = useState(() => recordKeeper.unsaved(stored.id));
  const form = useForm<Sitter>({
    defaultValues: unsaved?.edited ?? stored,
    resolver: zodResolver(sitterSchema),
    mode: 'onChange',
  });
  const [isWrong, setWrong] = useState(false);
  const base = useRef(unsaved?.base ?? stored);

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
  const typed = useCallback(() => {
    const said = sitterSchema.safeParse(form.getValues());
    setWrong(!said.success);
    if (said.success) recordKeeper.edited(base.current, said.data);
  }, [form]);

  useEffect(() => followWrites(stored.id, follow), [stored.id, follow]);
  useEffect(() => {
    const known = base.current;
    // read anew: what the page was given may be older than what was written from here since
    void database.sitters.get(stored.id).then((now) => {
      const isOwn = recordKeeper.unsaved(stored.id) || base.current !== known;
      if (now && !isOwn && !isSame(known, now)) follow(known, now);
    });
  }, [stored, follow]);
  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: ({ type, name }) => {
          if (type !== undefined || name !== undefined) typed();
        },
      }),
    [form, typed],
  );
  const takeOver = (conflicts: readonly Conflict[]) => {
    form.reset(conflicts.reduce((now, { path, theirs }) => withValue(now, path, theirs), form.getValues()));
    typed();
  };
  return { form, isWrong, takeOver };
}
