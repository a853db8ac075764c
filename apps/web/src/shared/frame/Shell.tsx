import { Outlet } from 'react-router';
import { ShortcutKeys } from '../../about/ShortcutKeys.tsx';
import { StorageBand } from './StorageBand.tsx';

/** What stands over every page: a way past its head for keyboards, and the list of keys. */
export const Shell = () => (
  <div className="flex h-full flex-col">
    <a
      href="#work"
      className="bg-chalk rounded-machined sr-only z-40 px-4 py-2 font-semibold focus:not-sr-only focus:absolute focus:top-2 focus:left-2"
      onClick={(event) => {
        event.preventDefault();
        toTheWork();
      }}
    >
      Skip to the work
    </a>
    <StorageBand />
    <div className="relative min-h-0 flex-1 overflow-auto">
      <Outlet />
    </div>
    <ShortcutKeys />
  </div>
);

/** Past head and stages, to what the page is for. */
function toTheWork(): void {
  const main = document.querySelector('main');
  if (!main) return;
  main.tabIndex = -1;
  main.focus();
}
