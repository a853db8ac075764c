export {
  type CutStick,
  loadSolver,
  nest,
  type Nested,
  nestInput,
  type NestInput,
  type Solver,
} from './nest/index.ts';
