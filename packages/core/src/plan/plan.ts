import { recordOf } from '../items/index.ts';
import { z } from 'zod';
import { between, check, fail, oneOf, type Outcome, say, succeed } from '../fault/index.ts';
import { brief } from './brief.ts';
import { piecesOfBar } from './members/bar.ts';
import { cockpit } from './cockpit.ts';
import { copeTick, coping } from './coping.ts';
import { jobLimit } from './limits.ts';
import { member } from './members/member.ts';
import { migrations } from './migrations.ts';
import { harness, occupant } from './occupant.ts';
import { part } from './members/part.ts';
import { gusset, plate } from './members/plate.ts';
import { extentField, id, moment, note, offsetField, title } from './quantities.ts';
import { survey } from './survey.ts';
import { die } from './members/tooling.ts';

/** What a file with a plan says that it is. */
export const PLAN_FORMAT = 'gyrus-plan';
/** The version of plans that is written; older ones are read (migrations.ts). */
export const PLAN_VERSION = 8;

/** Who is coped to whom follows from the fit order; an override is keyed by the joint. */
const copeOverride = z.strictObject({
  piece: id,
  end: oneOf(['a', 'b'], 'an end'),
  header: id,
  coped: z.boolean(say('true or false')),
});

const answer = z.strictObject({
  answer: oneOf(['yes', 'no'], 'an answer'),
  by: title,
  note,
  /** When; null in answers of before it was kept. */
  on: moment.nullable(),
  /** Pictures kept with the job, by the ids of their files. */
  photos: z.array(z.strictObject({ file: id, name: title }), say('the photos')).max(12),
});

/**
 * The plan: what the builder measured and wants, never what follows from it. Lengths are {mm, typed}, angles {deg, typed}.
 * The car's frame: x forward, y left, z up, origin on the centre line at the floor under the main hoop.
 */
export const planSchema = z.strictObject({
  format: z.literal(PLAN_FORMAT, say(`"${PLAN_FORMAT}"`)),
  version: z.literal(PLAN_VERSION, say(`${PLAN_VERSION}`)),
  units: z.strictObject({
    length: oneOf(['in', 'mm'], "the job's unit of length"),
    fraction: z.literal([8, 16, 32, 64], say('the finest mark on the tape: 8, 16, 32 or 64')),
  }),
  /** What tape and protractor are trusted to; within it of a limit is "look", not "clear". */
  measuringError: z.strictObject({
    mm: between(0, 50, 'the error of the tape in mm'),
    deg: between(0, 10, 'the error of the protractor in degrees'),
  }),
  /** Whether figures that the program put in are marked so; false in plans from before that was kept. */
  proposalsMarked: z.boolean(say('true or false')),
  brief,
  survey,
  dies: z.array(die, say('the dies pinned by the plan')),
  members: z.array(member, say('the members')),
  plates: z.array(plate, say('the plates')),
  gussets: z.array(gusset, say('the sheet gussets')),
  parts: z.array(part, say('splices, joints, guides, ties, brackets and struts')),
  occupants: z.array(occupant, say('the occupants')),
  harness,
  cockpit,
  /** How far the whole cage is moved to weld what cannot be reached in place: slid forward, dropped. */
  weldPosition: z.strictObject({
    forward: offsetField('how far the cage is slid forward'),
    drop: extentField('how far it is dropped'),
  }),
  fitOrder: z.array(id, say('the ids of the pieces in the order of fitting')),
  copeOverrides: z.array(copeOverride, say('overrides of who is coped to whom')),
  coping,
  copeTicks: z.array(copeTick, say('the ends that were ticked off')),
  limits: z.array(jobLimit, say('the limits that the builder sets')),
  /** Answers to what no program can compute, keyed book/rule/member. */
  answers: z.record(z.string().max(200), answer, say('the answers')),
});
/** A whole job: what was measured, what is wanted, what was chosen. Nothing that follows from it. */
export type Plan = z.infer<typeof planSchema>;

/** Reads a plan of any version ever released, brought up to today's. */
export function readPlan(data: unknown): Outcome<Plan> {
  if (data === null || typeof data !== 'object' || Array.isArray(data))
    return fail('not-an-object', '', 'a plan is one JSON object');
  const document = recordOf(data);
  if (document.format !== PLAN_FORMAT)
    return fail('wrong-format', '/format', `this is no plan of Gyrus: the format must be "${PLAN_FORMAT}"`);
  const { version } = document;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return fail('wrong-version', '/version', `the version must be a whole number from 1 to ${PLAN_VERSION}`);
  if (version > PLAN_VERSION)
    return fail(
      'newer-version',
      '/version',
      `this plan was written by a newer Gyrus (version ${version}, this one reads ${PLAN_VERSION}): update Gyrus`,
    );
  const current = broughtUp(document, version);
  if (!current)
    return fail(
      'damaged',
      '',
      `this plan is not as version ${version} had it: something in it is missing or of another kind`,
    );
  const read = check(planSchema, current);
  return read.ok ? checkReferences(read.value) : read;
}

/** An old document brought up to today's version; null where it is not as its own version had it. */
function broughtUp(document: Record<string, unknown>, version: number): Record<string, unknown> | null {
  try {
    return migrations.slice(version - 1).reduce((old, migrate) => migrate(old), document);
  } catch {
    // A migration trusts the shape of its version: each check of it would be a second schema of every version ever released.
    return null;
  }
}

/** What no schema of one part can see: that what is named is there, and no id is given twice. */
export function checkReferences(plan: Plan): Outcome<Plan> {
  const dies = new Set(plan.dies.map((pinned) => pinned.id));
  for (const [i, { bending }] of plan.members.entries()) {
    if (bending.die !== null && !dies.has(bending.die))
      return fail(
        'unknown-die',
        `/members/${i}/bending/die`,
        `no die "${bending.die}" is pinned in this plan`,
      );
    for (const [feature, named] of Object.entries(bending.dieAt))
      if (!dies.has(named))
        return fail(
          'unknown-die',
          `/members/${i}/bending/dieAt/${feature}`,
          `no die "${named}" is pinned here`,
        );
  }
  const ids = [
    ...plan.members.flatMap((one) => [one.id, ...one.pieces.map((piece) => piece.id)]),
    ...[...plan.plates, ...plan.gussets, ...plan.parts].map((one) => one.id),
  ];
  const twice = ids.find((one, i) => ids.indexOf(one) !== i);
  if (twice !== undefined) return fail('double-id', '/members', `the id "${twice}" is used twice`);
  return checkPieces(plan);
}

/** A hoop goes across the car itself; a pair makes two tubes, and each split one more. */
function checkPieces(plan: Plan): Outcome<Plan> {
  for (const [i, one] of plan.members.entries()) {
    if (one.role !== 'main-hoop' && one.shape.kind === 'hoop' && one.pair !== 'single')
      return fail('pieces', `/members/${i}/pair`, `${one.stamp} is a hoop across the car: it has no twin`);
    const wanted = one.role === 'main-hoop' ? 1 : piecesOfBar(one);
    if (one.pieces.length !== wanted)
      return fail(
        'pieces',
        `/members/${i}/pieces`,
        `${one.stamp} makes ${wanted} piece${wanted === 1 ? '' : 's'} by its pair and its splits, ${one.pieces.length} are given`,
      );
  }
  return succeed(plan);
}
