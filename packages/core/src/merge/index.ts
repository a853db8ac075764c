export { changesBetween, type FieldChange } from './changes.ts';
export { fieldKey, type FieldPath, isSameData } from './json.ts';
export { askAll, type Choices, mergePlans, type PlanClash, type PlanMerge, valueAtPath } from './plans.ts';
export { type MergeSide } from './threeWay.ts';
