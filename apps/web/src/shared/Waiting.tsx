import { Link } from 'react-router';
import { Button } from './Button.tsx';

export const Loading = ({ what }: { what: string }) => (
  <p role="status" className="text-quiet m-8">
    Fetching {what}…
  </p>
);

/** Something could not be fetched: what, and what to do. */
export const Trouble = ({ error, retry }: { error: Error; retry: () => void }) => (
  <div role="alert" className="m-8 max-w-prose">
    <h1 className="text-xl">This could not be fetched.</h1>
    <p className="my-3">{error.message}</p>
    <div className="flex gap-3">
      <Button kind="strong" onClick={retry}>
        Try again
      </Button>
      <Link to="/jobs" className="inline-flex min-h-10 items-center underline">
        All jobs
      </Link>
    </div>
  </div>
);
