import { type MainHoop, type Survey } from '../../plan/index.ts';
import { type MeasuringError } from '../../survey/index.ts';
import { type BendRoom } from '../shape/index.ts';
import { bendRoomOf } from '../sheet/radius.ts';
import { type HoopResult } from './geometry.ts';
import { ownHoop } from './own/ownHoop.ts';
import { surveyedHoop } from './surveyed.ts';

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
