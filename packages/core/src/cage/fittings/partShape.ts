import { type Vec3 } from '../../space/index.ts';
import { type BarPanel } from './barPanel.ts';

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
