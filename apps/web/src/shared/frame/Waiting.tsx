import { Link } from 'react-router';
import { Button } from './Button.tsx';

/** Something is on its way. */
export const Loading = ({ what }: { what: string }) => (
  <p role="status" className="text-quiet m-8">
    Fetching {what}…
  </p>
);

interface TroubleProps {
  /** What went wrong, in one sentence. */
  title?: string;
  /** What of it is kept, before the program's own words. */
  kept?: string;
  error: Error;
  retry: () => void;
}

/** Something could not be fetched or shown: what, and what to do. */
export const Trouble = ({ title = 'This could not be fetched.', kept = '', error, retry }: TroubleProps) => (
  <div role="alert" className="m-8 max-w-prose">
    <h1 className="text-xl">{title}</h1>
    <p className="my-3">
      {kept} {error.message}
    </p>
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
