import { type SpaceView } from '../space/Space.tsx';

/** How the cage is looked at. */
export interface ViewSettings {
  eye: SpaceView;
  car: boolean;
  stamps: boolean;
  ghosts: boolean;
  /** The last tube of the fit order that is shown; all of them when null. */
  upTo: number | null;
}

/** How a cage is seen at first. */
export const FIRST_VIEW: ViewSettings = { eye: 'free', car: true, stamps: false, ghosts: false, upTo: null };
