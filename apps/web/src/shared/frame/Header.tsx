import { type ReactNode } from 'react';
import { Link, NavLink } from 'react-router';

const PLACES = [
  { to: '/jobs', text: 'Jobs' },
  { to: '/floor', text: 'Floor' },
  { to: '/shop', text: 'Shop' },
  { to: '/rule-books', text: 'Rule books' },
  { to: '/log', text: 'Log' },
  { to: '/about', text: 'Help' },
];

/** The head of every page: where we are, and what can be done here. */
export function Header({ children, actions }: { children?: ReactNode; actions?: ReactNode }) {
  return (
    <header className="bg-sheet border-rule flex min-h-14 shrink-0 flex-wrap items-center gap-x-4 gap-y-1 border-b px-5 py-1.5">
      <Link to="/jobs" className="flex items-center gap-2 text-2xl font-bold" aria-label="Gyrus, all jobs">
        <img src="/gyrus.svg" alt="" className="size-7" />
        Gyrus
      </Link>
      <nav aria-label="Places" className="flex gap-1">
        {PLACES.map((place) => (
          <NavLink
            key={place.to}
            to={place.to}
            // Floor mode is a document of its own: what is kept for it without a network sees to that one alone.
            reloadDocument={place.to === '/floor'}
            className={({ isActive }) =>
              `inline-flex min-h-10 items-center px-2 ${isActive ? 'font-semibold underline decoration-2 underline-offset-4' : 'text-quiet'}`
            }
          >
            {place.text}
          </NavLink>
        ))}
      </nav>
      <div className="min-w-0 flex-1 truncate max-sm:order-last max-sm:basis-full">{children}</div>
      <div className="flex flex-wrap items-center gap-2">{actions}</div>
    </header>
  );
}
