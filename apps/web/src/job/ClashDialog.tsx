import microdiff from 'microdiff';
import { Button } from '../shared/Button.tsx';
import { Dialog } from '../shared/Dialog.tsx';
import { usePlanStore } from './planStore.ts';
import { saveNow } from './useAutosave.ts';

/** Two people saved from one revision: both plans side by side, and neither is lost. */
export function ClashDialog() {
  const clash = usePlanStore((store) => store.clash);
  const mine = usePlanStore((store) => store.history?.present);
  const settle = usePlanStore((store) => store.settle);
  if (!clash || !mine) return null;
  const differences = differencesOf(mine, clash.plan);
  const keepMine = () => {
    settle('mine');
    void saveNow();
  };
  return (
    <Dialog wide open title="This job was saved elsewhere meanwhile" onClose={() => undefined}>
      <p className="mb-3">
        Revision {clash.number} is newer than the one you went on from. Nothing was overwritten; say which to
        go on with. The other stays in reach: theirs as revision {clash.number}, yours by Undo.
      </p>
      <table className="w-full text-left">
        <thead className="text-quiet border-rule border-b text-sm">
          <tr>
            <th className="py-1 font-medium">what differs</th>
            <th className="font-medium">yours</th>
            <th className="font-medium">theirs</th>
          </tr>
        </thead>
        <tbody>
          {differences.map((difference) => (
            <tr key={difference.path} className="border-rule border-b">
              <td className="py-1.5 pr-3">{difference.path}</td>
              <td className="figure pr-3">{difference.mine}</td>
              <td className="figure">{difference.theirs}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-4 flex gap-3">
        <Button kind="strong" onClick={keepMine}>
          Save mine on top
        </Button>
        <Button onClick={() => settle('theirs')}>Take theirs</Button>
      </div>
    </Dialog>
  );
}

interface Difference {
  path: string;
  mine: string;
  theirs: string;
}

/** Differences by where they stand, a quantity shown as it was typed. */
function differencesOf(mine: object, theirs: object): Difference[] {
  const paths = new Set(
    microdiff(mine, theirs).map(({ path }) => {
      const last = path.at(-1);
      return (
        last === 'mm' || last === 'deg' || last === 'kg' || last === 'typed' ? path.slice(0, -1) : path
      ).join(' / ');
    }),
  );
  return [...paths].map((path) => ({ path, mine: shownAt(mine, path), theirs: shownAt(theirs, path) }));
}

function shownAt(document: object, path: string): string {
  const value = path
    .split(' / ')
    .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], document);
  if (value === undefined || value === null) return '–';
  if (typeof value === 'object')
    return 'typed' in value ? String(value.typed) : JSON.stringify(value).slice(0, 80);
  return typeof value === 'string' ? value : JSON.stringify(value);
}
