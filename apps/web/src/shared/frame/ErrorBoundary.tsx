import { Component, type ReactNode } from 'react';
import { Button } from './Button.tsx';

interface Props {
  what: string;
  children: ReactNode;
  /** What stands there instead, where a paragraph has no room. */
  fallback?: ReactNode;
}

/** One part of the page fails alone; what was entered is kept and can be gone on with. */
export class ErrorBoundary extends Component<Props, { failed: Error | null }> {
  override state = { failed: null as Error | null };

  static getDerivedStateFromError(failed: Error) {
    return { failed };
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    if (this.props.fallback !== undefined) return this.props.fallback;
    return (
      <div role="alert" className="m-8 max-w-prose">
        <h2 className="text-xl">{this.props.what} could not be shown.</h2>
        <p className="my-3">What you entered is kept. The program says: {this.state.failed.message}</p>
        <Button onClick={() => this.setState({ failed: null })}>Try again</Button>
      </div>
    );
  }
}
