import {
  fineLength,
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type Remedy,
  writtenLength,
} from '@gyrus/core';
import { listed } from '../listed.ts';
import { tubeKindWords } from '../tube.ts';

type Bolts = NonNullable<Extract<Remedy, { kind: 'plate' }>['bolts']>;

const boltWords = ({ count, size, grade }: Bolts): string =>
  [count > 0 ? `${count} bolts` : 'bolts', size && `of ${writtenLength(size)}`, grade && `of ${grade}`]
    .filter(Boolean)
    .join(' ');

/** What would mend a finding: sizes of the catalogue as they are bought, the rest in the reader's units. */
export function remedyWords(remedy: Remedy, style: LengthStyle): string {
  const length = (mm: number) => formatWithUnit(Math.abs(mm), style);
  switch (remedy.kind) {
    case 'tube':
      return `take ${writtenLength(remedy.od)} × ${writtenLength(remedy.wall)}, ${tubeKindWords(remedy.tubeKind)}`;
    case 'radius':
      return `take a die of ${fineLength(remedy.clr, style)} radius or more`;
    case 'straighten':
      return 'make it straight';
    case 'tilt':
      return `tilt the hoop to ${formatAngle(Math.abs(remedy.deg))}°`;
    case 'slide-end':
      return `move end ${remedy.end.toUpperCase()} by ${length(remedy.by)} along what it stands on`;
    case 'bar-height':
      return `${remedy.by < 0 ? 'lower' : 'raise'} the bar by ${length(remedy.by)}`;
    case 'move-foot': {
      const [forward, left] = remedy.by;
      return `move its foot ${listed([
        Math.abs(forward) >= 0.5 && `${length(forward)} ${forward > 0 ? 'forward' : 'to the rear'}`,
        Math.abs(left) >= 0.5 && `${length(left)} to the ${left > 0 ? 'left' : 'right'}`,
      ])}`;
    }
    case 'plate':
      return listed([
        remedy.scale > 1.0005 && `a plate ${((remedy.scale - 1) * 100).toFixed(0)} % larger each way`,
        remedy.thickness && `${writtenLength(remedy.thickness)} thick`,
        remedy.bolts && boltWords(remedy.bolts),
      ]);
    case 'gusset':
      return listed([
        remedy.leg > 0 && `legs of ${length(remedy.leg)}`,
        remedy.thickness && `sheet of ${writtenLength(remedy.thickness)}`,
      ]);
    case 'lap-anchor':
      return `move the ${remedy.side} lap anchor ${length(remedy.by)} ${remedy.by < 0 ? 'to the rear' : 'forward'}`;
    case 'guides':
      return `move the guides ${length(remedy.by)} along the bar toward its end ${remedy.by < 0 ? 'A' : 'B'}, ${length(remedy.apart)} apart`;
    case 'weld-drop':
      return `let the cage down ${length(remedy.by)} further to weld it`;
    case 'splice':
      return listed([
        remedy.sleeve > 0 && `a sleeve of ${length(remedy.sleeve)}`,
        remedy.rosettes > 0 && `${remedy.rosettes} rosettes`,
      ]);
  }
}
