export { type CarPlace, carPlaces } from './carPlaces.ts';
export { type AssumedFigure, type AssumedThing, type StandsFor, type ThingName } from './thing.ts';
export { recordedThings, type Wanted } from './recorded.ts';
export { type Assumed, assumedIn } from './restsOn.ts';
export { nextCarPlan } from './nextCar.ts';
export { type Confirmed, confirmed, pathKey } from './confirm.ts';
