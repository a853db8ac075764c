import { type CopeMethod, type EndCut } from '@gyrus/core';

const METHODS: Record<CopeMethod, string> = {
  saw: 'notcher',
  template: 'template and grinder',
  plane: 'cut to the floor',
  none: 'no cut',
};

interface EndListProps {
  ends: EndCut[];
  selected: string;
  onSelect: (end: EndCut) => void;
}

/** All ends with how each is made. */
export function EndList({ ends, selected, onSelect }: EndListProps) {
  return (
    <aside aria-label="All ends">
      <ul
        aria-label="Ends"
        className="bg-sheet border-rule rounded-machined max-h-[75vh] overflow-y-auto border"
      >
        {ends.map((one) => {
          const key = `${one.piece}/${one.end}`;
          return (
            <li key={key} className="border-rule border-b last:border-b-0">
              <button
                type="button"
                aria-pressed={key === selected}
                className={`flex min-h-11 w-full items-center gap-3 border-l-4 px-3 py-1.5 text-left ${key === selected ? 'border-chalk bg-white' : 'border-transparent'}`}
                onClick={() => onSelect(one)}
              >
                <span className="border-ink rounded-machined min-w-14 border bg-white px-1.5 text-center font-bold">
                  {one.stamp} {one.end.toUpperCase()}
                </span>
                <span className="min-w-0 flex-1">
                  <span className="block truncate font-semibold">{METHODS[one.method]}</span>
                  <span className="text-quiet block truncate text-sm">
                    {one.headers.length > 0 ? `to ${one.headers.join(', ')}` : 'on no tube'}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </aside>
  );
}
