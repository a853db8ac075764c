import { TestBendDto } from '@gyrus/contract';
import {
  type Die,
  type DieTest,
  formatAngle,
  type LengthStyle,
  TUBE_KINDS,
  writtenLength,
} from '@gyrus/core';
import { tubeKindWords } from '@gyrus/formats';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { Trash2 } from 'lucide-react';
import { useEffect, useId, useState } from 'react';
import { type DefaultValues, useForm } from 'react-hook-form';
import { Button } from '../shared/frame/Button.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';
import { angleKind, lengthKind } from '../shared/fields/quantityKinds.ts';
import { Labelled } from '../shared/fields/Labelled.tsx';
import { TextField } from '../shared/fields/TextField.tsx';
import { FormQuantity } from './FormQuantity.tsx';
import { useShopForm } from './useShopForm.ts';

/** What the dial read and what the tube kept, test by test, and the next one to enter. */
export function TestBends({ die, style }: { die: Die; style: LengthStyle }) {
  // Bends of parts are the log's: they are left out there, and never removed.
  const tests = die.tests.filter(({ made }) => made === 'test');
  return (
    <div className="space-y-4">
      {tests.length === 0 ? (
        <p>
          No test bend yet. Pull one at 30, 45 and 90°, and write down what the dial read and what the tube
          kept.
        </p>
      ) : (
        <TestTable tests={tests} />
      )}
      <TestForm die={die} style={style} />
    </div>
  );
}

function TestTable({ tests }: { tests: DieTest[] }) {
  const { send } = useShopForm(() => undefined);
  return (
    <table className="figure w-full text-right">
      <caption className="sr-only">Test bends</caption>
      <thead className="font-label text-quiet text-sm">
        <tr className="border-rule border-b">
          <th className="py-1 text-left font-medium">tube</th>
          <th className="text-left font-medium">made</th>
          <th className="text-left font-medium">batch</th>
          <th className="font-medium">dial read</th>
          <th className="font-medium">released</th>
          <th className="font-medium">back</th>
          <th>
            <span className="sr-only">what can be done</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {tests.map((test) => (
          <tr key={test.id} className="border-rule border-b">
            <td className="py-1 text-left">
              <Typeset text={`${writtenLength(test.od)} × ${writtenLength(test.wall)}`} />
            </td>
            <td className="text-left">{test.kind ? tubeKindWords(test.kind) : 'not said'}</td>
            <td className="text-left">{test.batch || '–'}</td>
            <td>{formatAngle(test.reading.deg)}°</td>
            <td>{formatAngle(test.released.deg)}°</td>
            <td>
              {formatAngle(test.reading.deg - test.released.deg)}°{test.sound ? '' : ' slipped'}
            </td>
            <td>
              <Button
                kind="quiet"
                aria-label={`Remove the test of ${formatAngle(test.reading.deg)}°`}
                onClick={() => send({ path: `tests/${test.id}`, method: 'DELETE' })}
              >
                <Trash2 aria-hidden="true" className="size-5" />
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function TestForm({ die, style }: { die: Die; style: LengthStyle }) {
  const { register, control, handleSubmit, reset } = useForm<TestBendDto>({
    resolver: classValidatorResolver(TestBendDto),
    defaultValues: startOf(die),
  });
  // Only a test that was kept empties the form: one that is removed meanwhile takes nothing that was typed.
  const { send, sending } = useShopForm(() => setAdded((count) => count + 1));
  const [added, setAdded] = useState(0);
  const kindId = useId();
  useEffect(() => {
    if (added > 0) reset(startOf(die));
    // What the die has by then is what the next test starts from.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [added, reset]);
  const submit = handleSubmit((body) => send({ path: `dies/${die.id}/tests`, method: 'POST', body }));
  const size = lengthKind(style, { above: 0 });
  const angle = angleKind({ above: 0, most: 200 });
  return (
    <form className="border-rule space-y-3 border-t pt-3" noValidate onSubmit={(event) => void submit(event)}>
      <h3 className="font-semibold">A new test bend</h3>
      <div className="grid grid-cols-2 gap-3">
        <FormQuantity control={control} name="reading" label="dial read at full pull" kind={angle} />
        <FormQuantity control={control} name="released" label="angle when released" kind={angle} />
        <FormQuantity control={control} name="od" label="tube diameter" kind={size} />
        <FormQuantity control={control} name="wall" label="wall" kind={size} />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <Labelled id={kindId} label="how it was made">
          <select
            id={kindId}
            className="control w-full"
            {...register('kind', { setValueAs: (value: string | null) => (value === '' ? null : value) })}
          >
            <option value="">not said</option>
            {TUBE_KINDS.map((kind) => (
              <option key={kind} value={kind}>
                {tubeKindWords(kind)}
              </option>
            ))}
          </select>
        </Labelled>
        <TextField label="batch" {...register('batch')} />
      </div>
      <label className="flex min-h-10 items-center gap-3">
        <input type="checkbox" className="size-6" {...register('sound')} />
        dial zeroed after the preload, and the tube did not slip
      </label>
      <Button kind="strong" type="submit" disabled={sending}>
        Add the test bend
      </Button>
    </form>
  );
}

/** The next test is mostly of the same tube as the last. */
function startOf(die: Die): DefaultValues<TestBendDto> {
  const last = die.tests.at(-1);
  const wall = last ? { wall: last.wall } : {};
  return {
    od: last?.od ?? die.od,
    ...wall,
    kind: last?.kind ?? null,
    batch: last?.batch ?? '',
    sound: true,
    note: '',
  };
}
