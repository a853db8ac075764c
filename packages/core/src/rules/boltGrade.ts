/**
 * Property class of ISO 898-1, as 8.8 or 10.9: the first figure is a hundredth of the tensile strength in MPa; the second, its yield as
 * tenths of that, decides between two of one strength.
 */
const METRIC = /^(\d{1,2})\.(\d)$/;

/** Tensile strength of grades of SAE J429, sizes to 1 in, in MPa (74, 120 and 150 ksi), from memory. */
const SAE: Readonly<Record<string, number>> = { '2': 510, '5': 827, '8': 1034 };

/** Strength that a bolt's grade stands for, as `8.8`, `class 10.9` or `grade 5`, in MPa; null where it is none that is known. */
export function boltStrength(grade: string): number | null {
  const word = grade
    .trim()
    .toLowerCase()
    .replace(/^(class|grade|gr\.?|sae)\s*/, '');
  const metric = METRIC.exec(word);
  if (metric) return Number(metric[1]) * 100 + Number(metric[2]);
  return SAE[word] ?? null;
}
