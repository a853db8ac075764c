export { asBuiltView } from './views/asBuiltView.ts';
export { buildView, type BuildViewOptions } from './views/buildView.ts';
export { cageView, type CageViewOptions } from './views/cageView.ts';
export { type CageView, type SquareView } from './views/projections.ts';
export { type BodyOutline, bodyOutline, type BodySide, outlinePoints } from './views/bodyOutline.ts';
export {
  type Drawing,
  fractionRuns,
  type Pen,
  type Point,
  type Shape,
  textWidth,
  type Voice,
} from './drawing.ts';
export { type CarPicture, type CarSeen, carView } from './views/carView.ts';

export { type FrontOptions, hoopFront } from './views/hoopFront.ts';
export { markOutStrip, type StripOptions } from './strip.ts';
export { arrowLines, type FlatOutline, flatOutline, onArc, type TrueLine } from './outline.ts';
export { driverView } from './people/driverView.ts';
export { sightView } from './people/sightView.ts';
export { harnessView } from './people/harnessView.ts';
export { copedTube } from './copedTube.ts';
export { isMultiPlane, rolledOut, type RolledOutOptions } from './rolledOut.ts';
export { pencilLines, type PencilOptions } from './pencilLines.ts';
export { type CopeCurve, copeTemplate, curveOf, type TemplateOptions, wrapLength } from './copeTemplate.ts';
export { panelOutline } from './panelOutline.ts';
export { outlineDrawing } from './outlineDrawing.ts';
export { type CageSheet, sheetsIn } from './sheets.ts';
