import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import semver from 'semver';
import { withoutMainCluster } from './lib/debian.mjs';
import { isInstalled } from './lib/install.mjs';
import { root } from './lib/run.mjs';
import needNode from './needNode.cjs';

const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-install-'));
afterAll(() => rmSync(scratch, { recursive: true, force: true }));
const manifest = JSON.parse(readFileSync(path.join(root, 'package.json'), 'utf8'));
const { packages } = JSON.parse(readFileSync(path.join(root, 'package-lock.json'), 'utf8'));

describe('whether everything is installed', () => {
  const lock = {
    packages: {
      '': {},
      'apps/web': {},
      'node_modules/a': {},
      'apps/web/node_modules/b': {},
      'node_modules/for-another-system': { optional: true },
    },
  };
  const write = (file, text) => {
    mkdirSync(path.dirname(path.join(scratch, file)), { recursive: true });
    writeFileSync(path.join(scratch, file), text);
  };
  const complete = () => {
    const text = JSON.stringify(lock);
    write('package-lock.json', text);
    write('node_modules/a/package.json', '{}');
    write('apps/web/node_modules/b/package.json', '{}');
    write('node_modules/.installed', createHash('sha256').update(text).digest('hex'));
  };
  beforeEach(complete);

  test('it is, when every package of the lock file is there', () => {
    expect(isInstalled(scratch)).toBe(true);
  });

  test('it is not, when one of a workspace is missing', () => {
    rmSync(path.join(scratch, 'apps/web/node_modules/b'), { recursive: true });
    expect(isInstalled(scratch)).toBe(false);
  });

  test('it is not, when an install was broken off before its end', () => {
    rmSync(path.join(scratch, 'node_modules/.installed'));
    expect(isInstalled(scratch)).toBe(false);
  });

  test('it is not, when the lock file is another, however old it looks', () => {
    write(
      'package-lock.json',
      JSON.stringify({ packages: { ...lock.packages, 'node_modules/a': { version: '2' } } }),
    );
    expect(isInstalled(scratch)).toBe(false);
  });
});

describe('the Node.js that it runs on', () => {
  test.each([
    ['20.19.0', true],
    ['20.20.2', true],
    ['20.11.0', false],
    ['18.20.0', false],
    ['21.7.0', false],
    ['22.12.0', false],
    ['22.13.0', true],
    ['23.9.0', false],
    ['24.11.0', true],
    ['26.0.0', true],
    ['9.0.0', false],
  ])('%s is new enough: %s, as package.json says', (version, enough) => {
    expect(needNode.isNewEnough(version)).toBe(enough);
    expect(semver.satisfies(version, manifest.engines.node)).toBe(enough);
  });

  test('one that is too old is told in one sentence', () => {
    expect(needNode.words('18.20.4')).toBe(
      'Gyrus needs Node.js 20.19 or 22.13 or 24.11 or newer, and this is 18.20.4: install one of them, then start again.',
    );
  });

  test('no package of the lock file asks for a newer one', () => {
    const asking = Object.entries(packages).filter(
      ([, { engines, optional }]) =>
        !optional && engines?.node && !semver.subset(manifest.engines.node, engines.node),
    );
    expect(asking.map(([place, { engines }]) => `${place} ${engines.node}`)).toEqual([]);
  });
});

test('Debian’s package is told to make no cluster of its own, and afterwards as it was before', () => {
  const file = path.join(scratch, 'createcluster.conf');
  const before = '# defaults\ncreate_main_cluster = true\nstart_conf = auto\n';
  writeFileSync(file, before);
  const restore = withoutMainCluster(file);
  const during = readFileSync(file, 'utf8');
  expect(during).toContain('start_conf = auto');
  expect(during.match(/create_main_cluster/g)).toHaveLength(1);
  expect(during).toContain('create_main_cluster = false');
  restore();
  expect(readFileSync(file, 'utf8')).toBe(before);
});
