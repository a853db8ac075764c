// npm run members: docs/members.md with a small drawing of every member, made by the program. --check only compares.
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { buildPackages, installPackages, root } from './lib/project.mjs';

await installPackages();
await buildPackages();
const core = await import('../packages/core/dist/index.js');
const { paperTheme, roleWords, writeSvg } = await import('../packages/formats/dist/index.js');
const { demoPlan } = await import('../packages/demo/dist/index.js');
const { PARTS, ROLES } = await import('./lib/memberWords.mjs');

const SIZE = { width: 460, height: 300 };
const files = {};

/** A place of the body where a front hoop stands: from the landing up. mm */
const corner = (...at) => ({ at: at.map((mm) => ({ mm, typed: `${mm} mm` })) });
const FRONT = { left: [corner(1080, 690, 120), corner(1000, 680, 640), corner(560, 560, 1010)], right: null };

/** The hoop of the demo's car alone, without what was surveyed round it: every drawing starts from it. */
const bare = (shape) => ({
  ...demoPlan,
  survey: {
    ...demoPlan.survey,
    ...{ points: [], planes: [], keepOuts: [], gaps: [], ribs: [] },
    frontSection: FRONT,
  },
  members: demoPlan.members.slice(0, 1).map((hoop) => ({ ...hoop, shape })),
  plates: [],
  gussets: [],
  parts: [],
  occupants: [],
  fitOrder: [],
});

/** A hoop of four bends as it is taken off: 9 in to the mark, 54°; 5 1/4 in, 32°; 16 7/8 in to the floor, the mark 4 1/2 in before its bend. */
function bySampleBends() {
  const plan = bare('proposed');
  const inch = (value) => ({ mm: value * 25.4, typed: `${value} in` });
  const deg = (value) => ({ deg: value, typed: `${value}` });
  const row = (straight, angle, takes) => ({
    ...{ straight: inch(straight), angle: deg(angle), takes: inch(takes) },
    turn: { kind: 'degrees', angle: deg(0) },
  });
  const way = {
    kind: 'take-off',
    sample: { before: inch(4.5), after: inch(0), takenFrom: 'far-mark' },
    left: { rows: [row(9, 54, 6.75), row(5.25, 32, 4.125)], tail: inch(16.875) },
    right: null,
  };
  return { ...plan, members: plan.members.map((hoop) => ({ ...hoop, way })) };
}

const answersTo = (plan) => core.evaluate(plan, core.EMPTY_SHOP, []);
const tubesOf = (answers) =>
  answers.members.flatMap(({ pieces }) => pieces.flatMap(({ tube }) => (tube ? [tube] : [])));

/** The plan with a role as it is proposed, and what it needs before it. */
function withRole(plan, role, way) {
  let serial = plan.members.length * 100;
  const propose = (one) =>
    core.proposeBar(plan, core.standingIn(answersTo(plan)), role, one, () => `m${(serial += 1)}`);
  const proposed = propose(way);
  if (!('needs' in proposed)) return { ...plan, members: [...plan.members, ...proposed.bars] };
  return withRole(withRole(plan, proposed.needs, core.waysOf(proposed.needs)[0] ?? ''), role, way);
}

function draw(name, plan, picked) {
  const tubes = tubesOf(answersTo(plan));
  const selected = tubes.filter(picked).map(({ piece }) => piece);
  const drawing = core.cageView(tubes, {
    view: 'corner',
    ...SIZE,
    selected,
    stamps: 'selected',
    style: null,
  });
  files[`members/${name}.svg`] = writeSvg(drawing, paperTheme);
  return `![${name}](members/${name}.svg)`;
}

const lines = [
  '# Members',
  '',
  'Every member of a cage: what it asks for, and what it gives. The drawings are made by the program from the',
  "demo's car (`npm run members`), the member in question drawn heavier, its stamp beside it.",
  '',
  '## Main hoop',
  '',
  'Asks for the section measured at Survey; gives one tube, its feet cut to the floor. Two bends where the wall is straight, four',
  'where it leans over, a rolled crown where the roof is curved: the roller fills the crown between the two corner bends so that its',
  'middle stands at the headliner and its corners lower by the measured fall.',
  '',
  'Without a measured body it comes about by its own figures (crown, legs, leans; two, four or any even number of bends, each leg its',
  'own), by straights and bends from the centre mark, or by sample bends held up in the car: distances go from mark to mark, and',
  'nobody works out a straight. A hoop that came with the car is taped as it stands, cut, or raised on plinths; it is coped to and',
  'counts for rules, and is neither ordered nor marked out. Where the body was measured too, it is said where they differ and by how much.',
  '',
];
for (const shape of ['two-bend', 'four-bend', 'rolled-crown'])
  lines.push(draw(`main-hoop-${shape}`, bare(shape), () => true));
lines.push(draw('main-hoop-by-sample-bends', bySampleBends(), () => true));
lines.push('');
for (const role of core.USUAL_ORDER) {
  lines.push(`## ${roleWords(role).replace(/^./, (letter) => letter.toUpperCase())}`, '', ...ROLES[role], '');
  const ways = core.waysOf(role);
  for (const way of ways.length > 0 ? ways : ['']) {
    const plan = withRole(bare('four-bend'), role, way);
    const name = way === '' ? role : `${role}-${way.toLowerCase().replace(/[^a-z]+/g, '-')}`;
    const added = new Set(plan.members.filter((one) => one.role === role).map(({ id }) => id));
    if (way !== '') lines.push(`**${way}**`, '');
    lines.push(
      draw(name, plan, ({ member }) => added.has(member)),
      '',
    );
  }
}
lines.push('## Plates, gussets and parts', '', ...PARTS.intro, '');
const answers = answersTo(demoPlan);
files['members/base-plate.svg'] = writeSvg(outlineOf('Base plate', answers.plates[0].outline), paperTheme);
files['members/sheet-gusset.svg'] = writeSvg(
  outlineOf('Sheet gusset', answers.gussets[1].shape.value.triangle),
  paperTheme,
);
lines.push('![base plate](members/base-plate.svg) ![sheet gusset](members/sheet-gusset.svg)', '');
for (const [heading, text] of PARTS.list) lines.push(`- **${heading}**: ${text}`);
files['members.md'] = `${lines.join('\n')}\n`;

/** A flat outline, fitted into a small drawing. mm */
function outlineOf(title, corners) {
  const xs = corners.map(([x]) => x);
  const ys = corners.map(([, y]) => y);
  const [left, low] = [Math.min(...xs), Math.min(...ys)];
  const scale = Math.min(180 / (Math.max(...xs) - left), 120 / (Math.max(...ys) - low));
  const points = corners.map(([x, y]) => [20 + (x - left) * scale, 140 - (y - low) * scale]);
  return { width: 220, height: 160, title, shapes: [{ kind: 'polygon', points, pen: 'steel' }] };
}

const checking = process.argv.includes('--check');
const stale = [];
for (const [name, text] of Object.entries(files)) {
  const file = path.join(root, 'docs', name);
  if (!checking) {
    mkdirSync(path.dirname(file), { recursive: true });
    writeFileSync(file, text);
  } else if (!existsSync(file) || readFileSync(file, 'utf8') !== text) stale.push(name);
}
if (stale.length > 0) {
  console.error(`docs/members is behind the program (${stale.join(', ')}): run "npm run members"`);
  process.exit(1);
}
