import { useIsFetching } from '@tanstack/react-query';

/** Said while any figure on screen is older than the plan, unless that is over in a moment. */
export function Computing() {
  const underWay = useIsFetching({ queryKey: ['answers'] }) > 0;
  return (
    <div className="pointer-events-none relative z-20 h-0">
      <span
        aria-live="polite"
        className={`bg-chalk rounded-machined absolute top-1 right-4 px-2 text-sm font-semibold transition-opacity ${underWay ? 'opacity-100 delay-300' : 'opacity-0'}`}
      >
        {underWay ? 'computing…' : ''}
      </span>
    </div>
  );
}
