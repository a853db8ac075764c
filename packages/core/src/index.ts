export * from './fault/index.ts';
export * from './measure/index.ts';
export * from './space/index.ts';
export * from './tube/index.ts';
export * from './centreline/index.ts';
export * from './bending/index.ts';
