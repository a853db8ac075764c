export { type FaultCode, FAULTS } from './codes.ts';
export { above, between, coordinate, extent, oneOf, say, size } from './fields.ts';
export { check, faultsIn, pointer, readJson } from './check.ts';
export {
  andThen,
  collect,
  expectValue,
  fail,
  saidIn,
  succeed,
  under,
  type Fault,
  type Outcome,
} from './outcome.ts';
export { LARGEST } from './limits.ts';
export { inMillimetres, type Said, type SaidLength, told, type Told } from './told.ts';
