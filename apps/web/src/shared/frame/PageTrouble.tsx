import { useRouteError } from 'react-router';
import { Trouble } from './Waiting.tsx';

/** A page that could not be shown, or not be fetched. What was typed on it is kept, and the other pages are in reach. */
export function PageTrouble() {
  const error = useRouteError();
  return (
    <Trouble
      title="This page could not be shown."
      kept="What you entered is kept. The program says:"
      error={error instanceof Error ? error : new Error(String(error))}
      retry={() => window.location.reload()}
    />
  );
}
