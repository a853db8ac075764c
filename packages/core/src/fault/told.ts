/** A length in a sentence, mm: whoever shows the sentence writes it in the reader's unit. */
export interface SaidLength {
  mm: number;
  /** Rounded so that the advice holds: up for a least, down for a most; to the nearest where it is left out. */
  round?: 'up' | 'down';
  /** Written with its sign. */
  signed?: boolean;
  /** To hundredths of a millimetre, or thousandths of an inch: what a tape's marks would hide. */
  fine?: boolean;
}

/** A sentence in parts. */
export type Said = readonly (string | SaidLength)[];

/** A sentence with its lengths as figures, and as it reads in millimetres. */
export interface Told {
  message: string;
  said: Said;
}

/** Tags a sentence: `told\`the ends are ${{ mm: 411.2 }} apart\``. */
export function told(
  texts: TemplateStringsArray,
  ...values: (string | number | SaidLength | Said | Told)[]
): Told {
  const said: (string | SaidLength)[] = [];
  for (const [i, text] of texts.entries()) {
    if (text !== '') said.push(text);
    const value = values[i];
    if (value === undefined) continue;
    if (typeof value === 'object' && 'mm' in value) said.push(value);
    else if (typeof value === 'object') said.push(...('said' in value ? value.said : value));
    else said.push(String(value));
  }
  return { message: inMillimetres(said), said };
}

/** The sentence as the command line writes it. */
export const inMillimetres = (said: Said): string =>
  said.map((part) => (typeof part === 'string' ? part : `${millimetres(part)} mm`)).join('');

function millimetres({ mm, round, signed, fine }: SaidLength): string {
  if (fine) return String(Number(mm.toFixed(2)));
  const whole = round === 'up' ? Math.ceil(mm) : round === 'down' ? Math.floor(mm) : Math.round(mm);
  const text = String(Math.abs(whole));
  if (!signed) return whole < 0 ? `-${text}` : text;
  return whole > 0 ? `+${text}` : whole < 0 ? `−${text}` : text;
}
