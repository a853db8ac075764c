import { Link, useRouteError } from 'react-router';
import { Button } from './Button.tsx';

/** A page that could not be shown, or not be fetched. What was typed on it is kept, and the other pages are in reach. */
export function PageTrouble() {
  const error = useRouteError();
  return (
    <div role="alert" className="m-8 max-w-prose">
      <h1 className="text-xl">This page could not be shown.</h1>
      <p className="my-3">
        What you entered is kept. The program says: {error instanceof Error ? error.message : String(error)}
      </p>
      <div className="flex gap-3">
        <Button kind="strong" onClick={() => window.location.reload()}>
          Load it again
        </Button>
        <Link to="/jobs" className="inline-flex min-h-10 items-center underline">
          All jobs
        </Link>
      </div>
    </div>
  );
}
