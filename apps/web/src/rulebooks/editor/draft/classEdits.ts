import { type Rule, type RuleBook } from '@gyrus/core';

/** In place of another class: rules that hold in this one alone go with it. */
export const TAKE_THEM = '';

/** Rules that hold in no other class. They are never let hold for all: that would widen them. */
export const onlyIn = ({ rules }: RuleBook, id: string): Rule[] =>
  rules.filter(({ classes }) => classes.length === 1 && classes[0] === id);

/** Takes a class out; rules that held in it alone go with it, or hold in another. */
export function withoutClass(draft: RuleBook, id: string, moveTo: string): void {
  draft.classes = draft.classes.filter((one) => one.id !== id);
  if (moveTo === TAKE_THEM) {
    const gone = new Set(onlyIn(draft, id).map((rule) => rule.id));
    draft.rules = draft.rules.filter((rule) => !gone.has(rule.id));
  }
  for (const rule of draft.rules)
    if (rule.classes.includes(id)) {
      const rest = rule.classes.filter((one) => one !== id);
      rule.classes = rest.length > 0 ? rest : [moveTo];
    }
}

/** Rules that held in a class hold in it again; those that went with it stand where they stood. What else was changed since stays. */
export function withRulesOf(draft: RuleBook, id: string, before: readonly Rule[]): void {
  for (const [i, rule] of before.entries()) {
    if (!rule.classes.includes(id)) continue;
    const there = draft.rules.find((one) => one.id === rule.id);
    if (there) there.classes = [...rule.classes];
    else draft.rules.splice(i, 0, rule);
  }
}
