import { type BuildStep } from '@gyrus/core';

/** The usual caution at a step; null where there is none. */
export function stepCaution({ work, where }: BuildStep): string | null {
  switch (work.kind) {
    case 'vents':
      return 'Deburr, and keep a hole out of what the rule book wants undrilled.';
    case 'bend-again':
      return 'Old tube may be rusty within, or bent before: measure its wall, look for cracks, and ask the rule book whether it may be bent again.';
    case 'prime':
      return 'Zinc and solvent fumes: dry paint, nothing within a hand of a seam, air moving.';
    case 'carry':
      return 'Two people, gloves: fresh copes cut.';
    case 'protect':
      return 'A stripped car burns: extinguisher at hand, somebody on watch, and half an hour after the last weld.';
    case 'tack':
      return where === 'bench' ? null : 'Eyes shut for who holds it; nothing that burns behind the joint.';
    case 'weld':
      return 'Bare, clean, dry metal; zinc and cleaner fumes are poison. All round, full penetration, by a qualified welder, after a sample was cut open; do not grind what will be inspected.';
    case 'drop':
    case 'lift':
      return 'The cage is heavy and tips: straps or a second pair of hands, no fingers under a foot.';
    default:
      return null;
  }
}
