import { type LengthStyle } from '@gyrus/core';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { angleKind, lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { type BendMeasures } from './keptMeasures.ts';

interface MeasureBoxProps {
  measures: BendMeasures;
  change: (changes: Partial<BendMeasures>) => void;
}

/** What the dial read when the pull was done. */
export const DialReadBox = ({ measures, change }: MeasureBoxProps) => (
  <QuantityInput
    label="the dial read at full pull"
    kind={angleKind({ above: 0, most: 220 })}
    value={measures.reading}
    onChange={(value) => change({ reading: value })}
    optional
  />
);

/** What the bend has when it is let go. by: what it is measured with, where that is always the same */
export const ReleasedBox = ({ measures, change, by }: MeasureBoxProps & { by?: 'protractor' }) => (
  <QuantityInput
    label={by ? `released angle, by the ${by}` : 'released angle'}
    kind={angleKind({ above: 0, most: 179 })}
    value={measures.released}
    onChange={(value) => change({ released: value })}
    optional
  />
);

/** How far the bend lies off its mark's place. */
export const OffPlaceBox = ({ measures, change, style }: MeasureBoxProps & { style: LengthStyle }) => (
  <QuantityInput
    label="off its place, toward end B (may be empty)"
    kind={lengthKind(style)}
    value={measures.place}
    onChange={(value) => change({ place: value })}
    optional
  />
);

/** The turn that the bend was made with; the first that is pulled has none. */
export const TurnedBox = ({ measures, change }: MeasureBoxProps) => (
  <QuantityInput
    label="turned from the bend pulled before, seen A to B (may be empty)"
    kind={angleKind({ least: -180, most: 180 })}
    value={measures.turn}
    onChange={(value) => change({ turn: value })}
    optional
  />
);
