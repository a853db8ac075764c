export { type Body, BODY_PARTS, type BodyPart, bodyOf, placesOf, type Volume } from './body.ts';
export { type CockpitAnswer, cockpitOf, type Seated } from './cockpit.ts';
export { type DoorBarRoom } from './doors.ts';
export { type Entry, isTooLow } from './entry.ts';
export { type PastPillar, pastPillars, type SeenBeside, type SightLine } from './pastPillar.ts';
export { type AtNotch, FRONT_HOOP, underHoop, type UnderHoop } from './helmet.ts';
export { type Stretch } from './padding.ts';
export { gapTo, helmetRoom, type Room, roomsOf } from './room.ts';
export { type NearestTube, nearestTubes } from './nearest.ts';
export {
  AS_MEASURED,
  carried,
  carriedByBack,
  type SeatPose,
  seatPoses,
  type SlotPlace,
  slotPlaces,
} from './seat.ts';
export { type Arc, type HiddenBy, hiddenAhead, hiddenAt, type Sight } from './sight.ts';
