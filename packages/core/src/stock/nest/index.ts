export { nestInput } from './input.ts';
export { nest, type Nested } from './nest.ts';
export { type Solver } from './solver.ts';
