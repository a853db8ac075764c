import { NavLink } from 'react-router';

const PAGES = [
  { to: '../harness', text: 'Harness' },
  { to: '../driver', text: 'Driver' },
];

/** Between the pages about the people in the cage. */
export function PeopleTabs() {
  return (
    <nav aria-label="People in the cage" className="flex gap-2">
      {PAGES.map(({ to, text }) => (
        <NavLink
          key={to}
          to={to}
          className={({ isActive }) =>
            `rounded-machined inline-flex min-h-10 items-center border px-4 font-semibold ${isActive ? 'bg-ink border-ink text-white' : 'border-edge bg-sheet hover:bg-white'}`
          }
        >
          {text}
        </NavLink>
      ))}
    </nav>
  );
}
