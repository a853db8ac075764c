import { fail, type Outcome } from '@gyrus/core';
import { commands } from './commands.ts';

type ReadFile = (file: string) => Buffer;

/** Runs one command line: COMMAND [FILE|-]. Every failure, also one of our own, comes back as a fault. */
export function run(args: string[], read: ReadFile): Outcome<unknown> {
  const [name = '', ...rest] = args;
  const known = Object.keys(commands).join(', ');
  if (!Object.hasOwn(commands, name))
    return fail('unknown-command', '', name ? `"${name}" is no command: use one of ${known}` : `give a command: ${known}`);
  const command = commands[name];
  if (!command || rest.length > 1)
    return fail('too-many-arguments', '', `${name} takes one FILE, or - for standard input`);
  const text = readText(rest[0] ?? '-', read);
  if (!text.ok) return text;
  try {
    return command(text.value);
  } catch (error) {
    return fail('internal', '', `a fault of the program, please report it: ${String(error)}`);
  }
}

function readText(file: string, read: ReadFile): Outcome<string> {
  try {
    return { ok: true, value: new TextDecoder('utf-8', { fatal: true }).decode(read(file)) };
  } catch (error) {
    if (error instanceof TypeError) return fail('not-utf8', '', 'the input is not UTF-8 text: give one JSON object');
    const why = error instanceof Error ? error.message : String(error);
    return fail('cannot-read', '', `${file === '-' ? 'standard input' : file} cannot be read: ${why}`);
  }
}
