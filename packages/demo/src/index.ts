export { DEMO_JOB, demoPlan } from './job.ts';
export { demoBooks, internationalBook } from './ruleBooks.ts';
export { demoShop } from './shop.ts';
