'use client';

import { Moon, Sun } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useTheme } from './useTheme';

const PLACES = [
  { path: '/', words: 'Desk', needsSitting: false },
  { path: '/people', words: 'People', needsSitting: false },
  { path: '/library', words: 'Library', needsSitting: false },
  { path: '/brief', words: 'Brief', needsSitting: true },
  { path: '/set', words: 'Set', needsSitting: true },
  { path: '/pose', words: 'Pose', needsSitting: true },
  { path: '/run', words: 'Run', needsSitting: true },
  { path: '/direct', words: 'Direct', needsSitting: true },
] as const;

interface HeaderProps {
  /** What the page is about, shown beside the name of the application. */
  about?: string;
  sittingId?: string;
  takeId?: string;
}

/** Name, context and the way between places. */
export function Header({ about, sittingId, takeId }: HeaderProps) {
  const pathname = usePathname();
  const [theme, setTheme] = useTheme('linen');
  const query = sittingId ? `?sitting=${sittingId}${takeId ? `&take=${takeId}` : ''}` : '';
  const other = theme === 'linen' ? 'blackout' : 'linen';
  return (
    <header className="rule-b flex h-11 shrink-0 items-center gap-2 px-4 sm:gap-4">
      <Link href="/" className="title text-xl" aria-label="Gilvo, desk">
        gilvo
      </Link>
      <p className="quiet hidden min-w-0 flex-1 truncate sm:block">{about}</p>
      <nav aria-label="Places" className="ml-auto flex h-full min-w-0 items-stretch gap-1 overflow-x-auto">
        {PLACES.filter((p) => !p.needsSitting || sittingId).map((p) => (
          <Link
            key={p.path}
            href={p.needsSitting || p.path === '/library' ? p.path + query : p.path}
            aria-current={pathname === p.path ? 'page' : undefined}
            className="flex items-center border-b-3 border-transparent px-1.5 sm:px-2.5 aria-[current=page]:border-accent aria-[current=page]:font-bold"
          >
            {p.words}
          </Link>
        ))}
      </nav>
      <button
        type="button"
        className="p-1.5"
        aria-label={`Change to ${other}`}
        title={`Change to ${other}`}
        onClick={() => setTheme(other)}
      >
        {theme === 'linen' ? <Moon size={16} aria-hidden /> : <Sun size={16} aria-hidden />}
      </button>
    </header>
  );
}
