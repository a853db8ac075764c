import { type Shop } from '../../plan/index.ts';

/** A roller as the shop has it. mm */
export interface Roller {
  name: string;
  gauge: number;
  lead: number;
  leastRadius: number;
}

/** The shop's roller: the first machine of its kind that somebody measured; null where there is none. */
export function rollerIn({ machines }: Pick<Shop, 'machines'>): Roller | null {
  for (const { name, setting } of machines)
    if (setting?.kind === 'roller' && setting.roller) {
      const { gauge, lead, leastRadius } = setting.roller;
      return { name, gauge: gauge.mm, lead: lead.mm, leastRadius: leastRadius.mm };
    }
  return null;
}
