import { NavLink, useParams } from 'react-router';

/** Between the order of building and the tube that it is built from. */
export function BuildTabs() {
  const { jobId = '' } = useParams();
  const pages = [
    { to: `/jobs/${jobId}/build`, text: 'Order of build' },
    { to: `/jobs/${jobId}/build/tube`, text: 'Cut plan' },
  ];
  return (
    <nav aria-label="Build" className="flex gap-2">
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
}
