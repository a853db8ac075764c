import { Link } from 'react-router';

/** An address that leads nowhere. */
export const NotFound = () => (
  <div className="m-8">
    <h1 className="text-xl">There is nothing at this address.</h1>
    <Link to="/jobs" className="mt-3 inline-flex min-h-10 items-center underline">
      All jobs
    </Link>
  </div>
);
