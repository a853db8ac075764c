import { type Vec3 } from '../../space/index.ts';

/** A figure of a part, by its name. */
export interface PartFigure {
  name:
    | 'sleeve-od'
    | 'sleeve-length'
    | 'rosette-from-joint'
    | 'first-guide'
    | 'second-guide'
    | 'gap'
    | 'from-end-a'
    | 'eye-to-eye'
    | 'tube-length'
    | 'flat-length'
    | 'between-bend-starts'
    | 'depth'
    | 'drop'
    | 'off-plane'
    | 'panel-width'
    | 'panel-height';
  mm: number;
}

/** A part in its place, with what is to be made of it. Car's frame, mm, kg */
export interface PartShape {
  at: Vec3;
  figures: PartFigure[];
  /** Ends and corners of a part that is a tube; where guides sit. Car's frame. */
  points: Vec3[];
  mass: number;
  /** Of a panel between bars. */
  panel?: BarPanel;
}

type Flat = readonly [number, number];

/** A sheet between bars, in its own plane: its corners in order, and the holes for its tabs. mm */
export interface BarPanel {
  corners: Flat[];
  holes: { at: Flat; diameter: number }[];
  /** How far each bar lies off the plane of all of them; nothing where they lie in one. */
  offPlane: { stamp: string; mm: number }[];
  /** Where each tab goes on its bar. */
  tabs: PanelTab[];
}

/** A tab on a bar, from the bar's end A along its axis. Car's frame, mm */
export interface PanelTab {
  stamp: string;
  along: number;
  at: Vec3;
}
