import {
  type BendFigure,
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type SheetChange,
} from '@gyrus/core';

/** What is otherwise today than on an issued sheet, as a clause: `bend 2 is pulled to 88.4° and not to 88°`. */
export function sheetChangeWords(change: SheetChange, style: LengthStyle): string {
  const length = (mm: number) => formatWithUnit(mm, style);
  switch (change.what) {
    case 'gone':
      return 'the tube is no longer in the plan';
    case 'no-marks':
      return 'the tube cannot be marked out any more';
    case 'tube':
      return 'it is made of another tube';
    case 'blank':
      return `the blank is ${length(change.to)} and not ${length(change.from)}`;
    case 'bends':
      return `it has ${change.to} bends and not ${change.from}`;
    case 'order':
      return `the bends are made in the order ${change.to.join(', ')} and not ${change.from.join(', ')}`;
    case 'figure':
      return figureWords(change.bend, change.figure, change.from, change.to, style);
    case 'clamp':
      return `bend ${change.bend} is clamped toward ${change.to.toUpperCase()}`;
    case 'die':
      return `bend ${change.bend} is made on ${change.to}`;
    case 'tooling':
      return `the shop has other data or test bends for ${change.die}`;
    case 'machine':
      return `${change.machine} stands or is set otherwise at the shop`;
    case 'book':
      return change.to === null
        ? `${change.book} is no longer chosen`
        : `${change.book} is at edition ${change.to} and not ${change.from}`;
    case 'program':
      return `Gyrus is at version ${change.to} and not ${change.from}`;
  }
}

function figureWords(bend: number, figure: BendFigure, from: number, to: number, style: LengthStyle): string {
  const degrees = (value: number) => `${formatAngle(value)}°`;
  switch (figure) {
    case 'mark':
      return `the mark of bend ${bend} moves by ${formatWithUnit(Math.abs(to - from), style)} toward ${to > from ? 'B' : 'A'}`;
    case 'reading':
      return `bend ${bend} is pulled to ${degrees(to)} and not to ${degrees(from)}`;
    case 'angle':
      return `bend ${bend} has ${degrees(to)} and not ${degrees(from)}`;
    case 'clock':
      return `bend ${bend} is turned to ${degrees(to)} and not to ${degrees(from)}`;
  }
}

/** Whether a change moves something that is bent by the sheet, or only something that stands beside it. */
export const movesTheTube = ({ what }: SheetChange): boolean =>
  !(['tooling', 'machine', 'book', 'program'] as SheetChange['what'][]).includes(what);
