export { clockingOf } from './clocking.ts';
export { copeFrom, copeInput } from './input.ts';
export { type PlaneCut, planeCut } from './plane.ts';
export { type Cope, copeOf, type CopeTube, type CutPoint, endPoint, type Saw } from './profile.ts';
