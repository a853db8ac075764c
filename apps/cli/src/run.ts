import { fail, type Outcome } from '@gyrus/core';
import { commands } from './commands.ts';
import { planCommands } from './planCommands.ts';
import { type ReadFile, readText } from './readText.ts';

/** Runs one command line: COMMAND [FILE|-] [options]. Every failure, also one of our own, comes back as a fault. */
export async function run(args: string[], read: ReadFile): Promise<Outcome<unknown>> {
  try {
    return await dispatch(args, read);
  } catch (error) {
    return fail('internal', '', `a fault of the program, please report it: ${String(error)}`);
  }
}

function dispatch(
  [name = '', ...rest]: string[],
  read: ReadFile,
): Outcome<unknown> | Promise<Outcome<unknown>> {
  if (Object.hasOwn(planCommands, name)) return planCommands[name]?.(rest, read) ?? unknown(name);
  const command = Object.hasOwn(commands, name) ? commands[name] : undefined;
  if (!command) return unknown(name);
  if (rest.length > 1)
    return fail('too-many-arguments', '', `${name} takes one FILE, or - for standard input`);
  const text = readText(rest[0] ?? '-', read);
  return text.ok ? command(text.value) : text;
}

function unknown(name: string) {
  const known = [...Object.keys(commands), ...Object.keys(planCommands)].join(', ');
  return fail(
    'unknown-command',
    '',
    name ? `"${name}" is no command: use one of ${known}` : `give a command: ${known}`,
  );
}
