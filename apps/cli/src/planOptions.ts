import { parseArgs } from 'node:util';
import { fail, type Outcome, succeed } from '@gyrus/core';

/** What can be asked of a command about a plan. */
export interface Options {
  plan: string;
  shop?: string | undefined;
  books: string[];
  to?: string | undefined;
  out?: string | undefined;
}

/** The options of a command; what is no option of it is refused. */
export function optionsOf(args: string[]): Outcome<Options> {
  try {
    const { values, positionals } = parseArgs({
      args: spreadBooks(args),
      allowPositionals: true,
      options: {
        shop: { type: 'string' },
        books: { type: 'string', multiple: true, default: [] },
        to: { type: 'string' },
        out: { type: 'string' },
      },
    });
    if (positionals.length > 1) return fail('too-many-arguments', '', 'give one PLAN.json');
    return succeed({ ...values, plan: positionals[0] ?? '-' });
  } catch (error) {
    return fail('unknown-option', '', error instanceof Error ? error.message : String(error));
  }
}

/** `--books A B C` is `--books A --books B --books C`: the files up to the next option. */
function spreadBooks(args: string[]): string[] {
  let within = false;
  return args.flatMap((arg) => {
    if (arg === '--books') within = true;
    else if (arg.startsWith('--')) within = false;
    else if (within) return ['--books', arg];
    return arg === '--books' ? [] : [arg];
  });
}
