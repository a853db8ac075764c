import { mainHoopOf, type MeasureKey, type Plan } from '../../plan/index.ts';
import { missingMeasures } from '../../survey/index.ts';

/** The measures of the body that the main hoop waits for; none where there is no hoop, or it comes about another way. */
export const measuresWanted = (plan: Pick<Plan, 'members' | 'survey'>): MeasureKey[] =>
  mainHoopOf(plan)?.way.kind === 'survey' ? missingMeasures(plan.survey) : [];
