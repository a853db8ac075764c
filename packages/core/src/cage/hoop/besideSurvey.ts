import { type MainHoop, type Survey } from '../../plan/index.ts';
import { type MeasuringError } from '../../survey/index.ts';
import { type BendRoom } from '../shape/index.ts';
import { type HoopGeometry, type NoHoop } from './geometry.ts';
import { surveyedHoop } from './surveyed.ts';

/** A figure of a hoop beside the same of the hoop that the survey gives. mm */
export interface BesideSurvey {
  what: 'crown-height' | 'feet' | 'corners';
  own: number;
  surveyed: number;
}

/** Where a hoop that came about another way differs from the one by the survey, or why that gives none. room: of its bends. */
export function besideSurvey(
  own: HoopGeometry,
  survey: Survey,
  hoop: MainHoop,
  error: MeasuringError,
  room: BendRoom,
): BesideSurvey[] | NoHoop {
  const surveyed = surveyedHoop(survey, hoop, error, room.clr);
  if ('none' in surveyed) return surveyed.none;
  const [a, b] = [own.figures, surveyed.hoop.figures];
  return [
    { what: 'crown-height', own: a.crownHeight.value, surveyed: b.crownHeight.value },
    { what: 'feet', own: a.feetApart.value, surveyed: b.feetApart.value },
    { what: 'corners', own: a.cornersApart.value, surveyed: b.cornersApart.value },
  ];
}
