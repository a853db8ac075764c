import { spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { root } from './lib/project.mjs';

/** The command line as scripts meet it: exit code, one line of JSON, and silence on the other stream. */
const gyrus = (command, input) =>
  spawnSync(process.execPath, [path.join(root, 'scripts/gyrus.mjs'), command], {
    input,
    encoding: 'utf8',
    cwd: root,
  });

test.each([
  ['section', '{"od":38.1,"wall":2.413}'],
  ['lra', '{"points":[[0,0,0],[500,0,0],[500,500,0]],"clr":100}'],
  ['xyz', '{"bends":[{"length":400,"rotation":0,"angle":90,"clr":100}],"tail":400}'],
  ['springback', '{"tests":[{"reading":35,"released":30}],"target":84}'],
  [
    'cope',
    '{"branch":{"od":38.1,"wall":2.4,"points":[[0,0,0],[0,0,500]]},"end":"a","headers":[{"od":38.1,"points":[[-300,0,0],[300,0,0]]}]}',
  ],
])('%s prints one JSON value and nothing else', (command, input) => {
  const { status, stdout, stderr } = gyrus(command, input);
  expect(status).toBe(0);
  expect(stdout.trim().split('\n')).toHaveLength(1);
  expect(typeof JSON.parse(stdout)).toBe('object');
  expect(stderr).toBe('');
});

test('the first call in a cold checkout says on standard error that it compiles, and nothing else is different', () => {
  rmSync(path.join(root, 'apps/cli/dist/.built'), { force: true });
  const { status, stdout, stderr } = gyrus('section', '{"od":38.1,"wall":2.413}');
  expect(status).toBe(0);
  expect(typeof JSON.parse(stdout)).toBe('object');
  expect(stderr.trim()).toMatch(/^Compiling the command line/);
});

test.each([
  ['section', '', ''],
  ['section', '{"od":38.1,"wall":2} {"od":1}', ''],
  ['section', 'NaN', ''],
  ['section', '{"od":38.1}', '/wall'],
  ['section', '{"od":38.1,"wall":2,"color":1}', '/color'],
  ['lra', '{"points":[[0,0,0],[1,0]],"clr":1}', '/points/1'],
  ['xyz', '{"bends":[{"length":-1,"rotation":0,"angle":90,"clr":100}],"tail":400}', '/bends/0/length'],
  ['springback', '{"tests":[{"reading":30,"released":31}],"target":84}', '/tests/0/released'],
  ['mark', '{"points":[[0,0,0],[500,0,0]]}', '/springback'],
  [
    'cope',
    '{"branch":{"od":38.1,"wall":2.4,"points":[[0,0,0],[0,0,500]]},"end":"c","headers":[{"od":38.1,"points":[[-300,0,0],[300,0,0]]}]}',
    '/end',
  ],
  ['strap', '{"slot":[0,600],"bar":[-10,600],"barOd":40,"attach":"tab"}', '/slot'],
  ['bend', '{}', ''],
])('%s refuses %s', (command, input, pointer) => {
  const { status, stdout, stderr } = gyrus(command, input);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr.trim().split('\n')).toHaveLength(1);
  const { error } = JSON.parse(stderr);
  expect(Object.keys(error)).toEqual(['code', 'message', 'path']);
  expect(error.path).toBe(pointer);
});
