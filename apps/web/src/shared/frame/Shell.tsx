import { Outlet } from 'react-router';
import { StorageBand } from './StorageBand.tsx';

/** What stands over every page. */
export const Shell = () => (
  <div className="flex h-full flex-col">
    <StorageBand />
    <div className="relative min-h-0 flex-1 overflow-auto">
      <Outlet />
    </div>
  </div>
);
