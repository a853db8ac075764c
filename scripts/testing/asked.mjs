import { Advice } from '../lib/run.mjs';

/** The parts of `npm test`, in the order in which they are run. */
export const PARTS = ['static', 'unit', 'api', 'e2e'];

const WORDS = `What there is:
  npm test                              everything
  npm test -- --only PART               static, unit, api, e2e or fuzz; what follows goes to its runner
  npm run test:near                     what the change since the last commit can reach; -- --since REF for another
  --thorough                            with all runs of the heavy properties, axe at every size, more junk requests
  --slow-browser N                      the pages' processor held back N times`;

/**
 * What the command was asked for. Options that are not its own go to the runner of the part: `-g "a name"`, `--testPathPatterns hoop`.
 * Throws Advice with what there is.
 */
export function askedFor(args) {
  const asked = { only: null, near: false, since: 'HEAD', thorough: false, slowBrowser: 1 };
  const extra = [];
  for (let i = 0; i < args.length; i += 1) {
    const [name, inline] = args[i].split(/=(.*)/s);
    const value = () => inline ?? args[(i += 1)] ?? '';
    if (name === '--only') asked.only = partOf(value());
    else if (name === '--near') asked.near = true;
    else if (name === '--since') asked.since = value();
    else if (name === '--thorough') asked.thorough = true;
    else if (name === '--slow-browser') asked.slowBrowser = timesOf(value());
    else extra.push(args[i]);
  }
  if (extra.length > 0 && asked.only === null)
    throw new Advice(`"${extra.join(' ')}" goes to the runner of one part: say which with --only.\n${WORDS}`);
  return { ...asked, extra };
}

function partOf(text) {
  if ([...PARTS, 'fuzz'].includes(text)) return text;
  throw new Advice(`"${text}" is no part of the tests.\n${WORDS}`);
}

function timesOf(text) {
  const times = Number(text);
  if (times >= 1 && times <= 20) return times;
  throw new Advice(`--slow-browser takes a number from 1 to 20, not "${text}".\n${WORDS}`);
}
