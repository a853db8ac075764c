import {
  type BendSheet,
  type Errors,
  fineLength,
  formatAngle,
  formatWithUnit,
  itemAt,
  millimetres,
  type Pair,
  shareWithin,
  spreadOf,
  widthsWhen,
} from '@gyrus/core';
import { causeWords, pairWords } from '@gyrus/formats';
import { errorsLogged } from '../../../log/errorsLogged.ts';
import { useMadeBends } from '../../../log/madeBends.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { NumberField } from '../../../shared/fields/NumberField.tsx';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../../../shared/figures/PlainTable.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { type ShopErrors, useShopErrors } from './keptErrors.ts';
import { type Scattering, useScatter } from './useScatter.ts';

interface ScatterPanelProps {
  sheet: BendSheet;
  pairs: Pair[];
  hoop: boolean;
}

/** Ten thousand of this tube made up with the shop's errors: how its widths spread, and which error matters most. */
export function ScatterPanel({ sheet, pairs, hoop }: ScatterPanelProps) {
  const [errors, change] = useShopErrors();
  const { scattering, start, cancel } = useScatter(sheet.marked.lra, pairs);
  const again = (changes: Partial<ShopErrors>) => {
    change(changes);
    if (!('within' in changes)) cancel();
  };
  return (
    <div className="space-y-3">
      <h3 className="font-semibold">Ten thousand of it, with errors at every bend</h3>
      <ErrorFields errors={errors} change={again} />
      <FromTheLog take={again} />
      {scattering.state === 'running' ? (
        <div className="flex items-center gap-4">
          <progress value={scattering.done} aria-label="parts made up" className="h-3 w-64" />
          <Button onClick={cancel}>Stop</Button>
        </div>
      ) : (
        <Button onClick={() => void start({ ...errors, mark: errors.mark.mm })}>Make them up</Button>
      )}
      {scattering.state === 'failed' && <p className="text-out font-semibold">{scattering.why}</p>}
      {scattering.state === 'done' && (
        <Spreads sheet={sheet} pairs={pairs} hoop={hoop} found={scattering} within={errors.within.mm} />
      )}
    </div>
  );
}

/** The shop's own errors, where its log has enough bends to say them. */
function FromTheLog({ take }: { take: (changes: Partial<ShopErrors>) => void }) {
  const bends = useMadeBends().data;
  const style = useJobStyle();
  if (!bends) return null;
  const { mark, angle, rotation } = errorsLogged(bends);
  const told = [
    ...(mark ? [`marks are off by ${fineLength(mark.size, style)} (${mark.bends} bends)`] : []),
    ...(angle ? [`angles by ${formatAngle(angle.size)}° (${angle.bends})`] : []),
    ...(rotation ? [`turns by ${formatAngle(rotation.size)}° (${rotation.bends})`] : []),
  ];
  if (told.length === 0)
    return (
      <p className="text-quiet text-sm">
        These are usual errors: the log has too few bends to say the shop&apos;s own.
      </p>
    );
  const tenth = (size: number) => Math.round(size * 10) / 10;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p>
        <Typeset text={`By the log, ${told.join(', ')}.`} />
      </p>
      <Button
        onClick={() =>
          take({
            ...(mark && { mark: millimetres(tenth(mark.size)) }),
            ...(angle && { angle: tenth(angle.size) }),
            ...(rotation && { rotation: tenth(rotation.size) }),
          })
        }
      >
        Take the shop&apos;s own
      </Button>
    </div>
  );
}

function ErrorFields({
  errors,
  change,
}: {
  errors: ShopErrors;
  change: (changes: Partial<ShopErrors>) => void;
}) {
  const style = useJobStyle();
  const length = (key: 'mark' | 'within', label: string) => (
    <QuantityInput
      label={label}
      kind={lengthKind(style, { least: 0 })}
      value={errors[key]}
      onChange={(value) => value && change({ [key]: value })}
    />
  );
  const angle = (key: keyof Pick<Errors, 'angle' | 'rotation'>, label: string) => (
    <NumberField
      label={label}
      value={errors[key]}
      low={0}
      high={20}
      onChange={(value) => change({ [key]: value })}
    />
  );
  return (
    <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-4">
      {length('mark', 'a mark is off by about')}
      {angle('angle', 'an angle by about, in degrees')}
      {angle('rotation', 'a turn by about, in degrees')}
      {length('within', 'it fits within ±')}
    </div>
  );
}

interface SpreadsProps extends ScatterPanelProps {
  found: Extract<Scattering, { state: 'done' }>;
  within: number;
}

function Spreads({ sheet, pairs, hoop, found, within }: SpreadsProps) {
  const style = useJobStyle();
  const planned = widthsWhen(sheet.marked.lra, pairs, []);
  const text = (mm: number) => <Typeset text={formatWithUnit(mm, style)} />;
  return (
    <>
      <PlainTable
        names={[
          'between axes',
          'as designed',
          'nine of ten, from',
          'to',
          `within ±${formatWithUnit(within, style)}`,
        ]}
      >
        {pairs.map((pair, i) => {
          const widths = itemAt(found.widths, i);
          const { p05, p95 } = spreadOf(widths);
          const of = itemAt(planned, i);
          return (
            <TableRow key={pair.join('-')}>
              <Cell>{pairWords(sheet, pair, hoop)}</Cell>
              <Cell figure>{text(of)}</Cell>
              <Cell figure>{text(p05)}</Cell>
              <Cell figure>{text(p95)}</Cell>
              <Cell figure>{Math.round(100 * shareWithin(widths, of, within))} %</Cell>
            </TableRow>
          );
        })}
      </PlainTable>
      <p>{causeWords(found.causes)}</p>
    </>
  );
}
