import { recordedThings, type Wanted } from '../known/index.ts';
import { isInCar, LARGEST_IN_CAR } from '../measure/index.ts';
import { type Plan } from '../plan/index.ts';
import { type Finding, finding } from './finding.ts';

const isBeyond: Wanted = (figure) => 'mm' in figure && !isInCar(figure.mm);

/** Figures that no car can have, as a slip of the unit or of a digit leaves them: the boxes refuse them today, older plans may hold them. */
export const beyondFindings = (plan: Plan): Finding[] =>
  recordedThings(plan, isBeyond).map(({ name, id, figures }) => {
    const far = figures.map(({ value }) => ('mm' in value ? value.mm : 0));
    const worst = far.reduce((most, one) => (Math.abs(one) > Math.abs(most) ? one : most), 0);
    return finding({
      key: `figures/beyond/${figures[0]?.path.join('/') ?? id}`,
      code: 'beyond-any-car',
      status: 'ask',
      member: plan.members.some((member) => member.id === id) ? id : null,
      measured: { mm: worst },
      limit: { mm: LARGEST_IN_CAR },
      restsOn: [name],
    });
  });
