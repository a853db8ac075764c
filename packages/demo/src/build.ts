import {
  type Attachment,
  type Bar,
  type BarRole,
  type Die,
  evaluate,
  EMPTY_SHOP,
  expectValue,
  knownAs,
  type Length,
  type MainHoop,
  type Plan,
  proposeBar,
  readPlan,
  standingIn,
} from '@gyrus/core';
import { demoShop } from './shop.ts';
import { millimetre } from './write.ts';

/** A change of a proposed bar, as the builder's own measures. */
export type Change = (bar: Bar, i: number) => Partial<Bar>;

/**
 * Builds a plan bar by bar, as a person does in the browser: a role and a way to build it are asked for, and what is
 * proposed is changed. Ids are the role's name and a number, so that they are the same in every build.
 */
export class CageBuilder {
  #plan: Plan;

  constructor(start: Plan) {
    this.#plan = start;
  }

  add(role: BarRole, way = '', change: Change = () => ({})): this {
    let count = this.#plan.members.length * 10;
    const fresh = () => `${role}-${(count += 1)}`;
    const standing = standingIn(evaluate(this.#plan, EMPTY_SHOP, []));
    const proposed = proposeBar(this.#plan, standing, role, way, fresh);
    if (!('bars' in proposed)) throw new Error(`${role}: ${JSON.stringify(proposed)}`);
    const bars = proposed.bars.map((bar, i) => ({ ...bar, ...change(bar, i) }));
    this.#plan = {
      ...this.#plan,
      members: [...this.#plan.members, ...bars],
      fitOrder: [...this.#plan.fitOrder, ...bars.flatMap(({ pieces }) => pieces.map(({ id }) => id))],
    };
    return this;
  }

  /** The id of the member that a role has, the first where it has several. */
  id(role: BarRole | 'main-hoop', which = 0): string {
    return this.#plan.members.filter((one) => one.role === role)[which]?.id ?? '';
  }

  /** The plan with what is not tubes, read as a document would be. Of an invented car every figure counts as measured. */
  done(more: (plan: Plan) => Partial<Plan> = () => ({})): Plan {
    const plan = knownAs({ ...this.#plan, ...more(this.#plan) });
    return expectValue(readPlan(JSON.parse(JSON.stringify(plan))));
  }
}

/** A length in millimetres, as somebody typed it. */
export const mm = (value: number): Length => millimetre(`${value} mm`);
/** A place in the car. Car's frame, mm */
export const at = (x: number, y: number, z: number): [Length, Length, Length] => [mm(x), mm(y), mm(z)];
/** An end at a point. mm */
export const point = (x: number, y: number, z: number): Attachment => ({ kind: 'point', at: at(x, y, z) });
/** An end on a bar at a height. mm */
export const height = (member: string, side: 'left' | 'right', z: number): Attachment => ({
  kind: 'height',
  on: { member, side },
  height: mm(z),
  aside: null,
});
/** An end at a bend of a bar. mm */
export const station = (member: string, feature: string, along = 0, side?: 'left' | 'right'): Attachment => ({
  kind: 'station',
  on: side ? { member, side } : { member },
  station: { feature, edge: 'middle', along: mm(along) },
  to: 'axis',
  aside: null,
});
/** A die of the demo shop, as a plan pins it. */
export function demoDie(id: string): Die {
  const die = demoShop.machines.flatMap((machine) => machine.dies).find((one) => one.id === id);
  if (!die) throw new Error(`no die ${id} in the demo shop`);
  return die;
}

/** The hoop of an empty plan with a die chosen. */
export const withDie = (hoop: MainHoop, die: string, batch: string, trim: Length): MainHoop => ({
  ...hoop,
  tube: { ...hoop.tube, batch },
  bending: { ...hoop.bending, die, growRadius: true, trimA: trim, trimB: trim },
});
