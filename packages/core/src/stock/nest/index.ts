export { nestInput, type NestInput } from './input.ts';
export { type CutStick, nest, type Nested } from './nest.ts';
export { type Solver } from './solver.ts';
