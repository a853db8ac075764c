import { readFileSync } from 'node:fs';
import { type Fault } from '@gyrus/core';
import { run } from './run.ts';

const read = (file: string) => readFileSync(file === '-' ? 0 : file);
const result = await run(process.argv.slice(2), read);
if (result.ok) process.stdout.write(JSON.stringify(result.value) + '\n');
else complain(result.fault);

/** One line on standard error, nothing on standard output, exit 2 (design: the command line). */
function complain({ code, message, path }: Fault): void {
  process.stderr.write(JSON.stringify({ error: { code, message, path } }) + '\n');
  process.exitCode = 2;
}
