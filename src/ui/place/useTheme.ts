'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect } from 'react';
import { database } from '@/data';
import { doNow } from '@/keeping';

export type Theme = 'linen' | 'blackout';

/** The chosen theme and how to change it; `fallback` holds until something was chosen. */
export function useTheme(fallback: Theme): [Theme, (theme: Theme) => void] {
  const stored = useLiveQuery(() => database.preferences.get('theme'), []);
  const theme: Theme = stored?.value === 'linen' || stored?.value === 'blackout' ? stored.value : fallback;
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const choose = (value: Theme) =>
    doNow('theme', () => database.preferences.put({ key: 'theme', value }), { name: 'theme' });
  return [theme, choose];
}
