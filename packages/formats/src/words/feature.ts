const names: Record<string, string> = {
  'crown-left': 'crown, left',
  'crown-middle': 'crown, rolled',
  'crown-right': 'crown, right',
  'knee-left': 'knee, left',
  'knee-right': 'knee, right',
};

/** The name of a bend's place as people say it. */
export const featureName = (feature: string): string =>
  names[feature] ?? feature.replace(/^(knee-.+)-(left|right)$/, '$1, $2').replaceAll('-', ' ');
