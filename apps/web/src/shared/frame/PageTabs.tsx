import { NavLink } from 'react-router';

interface PageTabsProps {
  /** What the pages are about, as it is read out. */
  label: string;
  pages: readonly { to: string; text: string }[];
}

/** Between pages that belong together. */
export const PageTabs = ({ label, pages }: PageTabsProps) => (
  <nav aria-label={label} className="flex flex-wrap gap-2">
    {pages.map(({ to, text }) => (
      <NavLink
        key={to}
        to={to}
        end
        className={({ isActive }) =>
          `rounded-machined inline-flex min-h-10 items-center border px-4 font-semibold ${isActive ? 'bg-ink border-ink text-white' : 'border-edge bg-sheet hover:bg-white'}`
        }
      >
        {text}
      </NavLink>
    ))}
  </nav>
);
