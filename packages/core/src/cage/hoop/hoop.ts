import { type MainHoop, mainHoopOf, type MeasureKey, type Plan, type Survey } from '../../plan/index.ts';
import { type MeasuringError, missingMeasures } from '../../survey/index.ts';
import { type BendRoom } from '../shape/index.ts';
import { bendRoomOf } from '../sheet/radius.ts';
import { type HoopResult } from './geometry.ts';
import { ownHoop } from './own/ownHoop.ts';
import { surveyedHoop } from './surveyed.ts';

/** The measures of the body that the main hoop waits for; none where there is no hoop, or it comes about another way. */
export const measuresWanted = (plan: Pick<Plan, 'members' | 'survey'>): MeasureKey[] =>
  mainHoopOf(plan)?.way.kind === 'survey' ? missingMeasures(plan.survey) : [];

/** The main hoop, whichever way it comes about. room: what its dies ask of its bends. */
export function hoopFrom(
  survey: Survey,
  hoop: MainHoop,
  error: MeasuringError,
  room: BendRoom = bendRoomOf(hoop, []),
): HoopResult {
  return hoop.way.kind === 'survey'
    ? surveyedHoop(survey, hoop, error, room.clr)
    : ownHoop(survey, hoop, hoop.way, room);
}
