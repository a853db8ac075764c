import {
  type AssumedThing,
  type Finding,
  type FindingCode,
  type Plan,
  type RemedyKind,
  stageOf,
  textFact,
} from '@gyrus/core';
import equal from 'fast-deep-equal';

/** Where in the job something is typed: a page of it, and the field, as an address from any of its stages. */
export function whereOfThing({ name, id, figures }: AssumedThing, { members }: Plan): string {
  const path = figures[0]?.path.join('/') ?? '';
  switch (name.of) {
    case 'measure':
      return `../survey#field-survey/${name.name}`;
    case 'member':
      return `../design?tube=${members.find((one) => one.id === id)?.pieces[0]?.id ?? ''}`;
    case 'plate':
    case 'gusset':
    case 'part':
      return `../design?tab=parts#field-${path}`;
    case 'occupant':
      return `${personPage(name.what)}#field-${path}`;
    case 'brief':
      return '../brief#field-brief/carWeight';
    case 'section':
      return '../survey?view=front';
    default:
      return `../survey?view=places#field-${path}`;
  }
}

/** Shoulder and helmet are taken at Survey, the body at Driver, all else of the seat and its belts at Harness. */
function personPage(what: string): string {
  if (what === 'shoulder' || what === 'helmetTop') return '../survey?view=places';
  return what.startsWith('body') && what !== 'body.hip' ? '../driver' : '../harness';
}

/** The figure of the hoop or of the cage that a remedy changes. */
const FIELD_OF_REMEDY: Partial<Record<RemedyKind, string>> = {
  tilt: '../design#field-hoop/tilt',
  'weld-drop': '../survey?view=places#field-weldPosition/drop',
};

/** Codes that are dealt with at a field of their own. */
const FIELD_OF_CODE: Partial<Record<FindingCode, string>> = {
  'car-weight-missing': '../brief#field-brief/carWeight',
  'no-row-for-weight': '../brief#field-brief/carWeight',
  'class-missing': '../brief',
  'book-missing': '../brief',
  'measures-missing': '../survey',
  'feet-on': '../brief',
  'plate-missing': '../design?tab=parts',
  'keep-out': '../design',
  'roof-unknown': '../survey?view=places',
};

/** Where what a rule waits for is measured or chosen. */
const WAITS: Record<string, string> = {
  'clr-ratio': '../bend',
  'opening-height': '../survey',
  helmet: '../survey?view=places',
  harness: '../survey?view=places',
  'strap-spread': '../survey?view=places',
  lap: '../harness',
  'lap-left': '../harness',
  'lap-right': '../harness',
  'lap-hip': '../harness',
  padding: '../driver',
  feet: '../brief',
  plate: '../design?tab=parts',
};

const PARTS = /^(plate|bolt|gusset|splice|part|bars-off)/;
const STRAPS = /^(harness|lap|strap|belts)/;

/** Where a finding is dealt with: at what it rests on, at what its remedy changes, at its tube, or at its stage. */
export function whereToMend(finding: Finding, plan: Plan, assumed: readonly AssumedThing[]): string {
  const missing = finding.restsOn
    .map((name) => sameThing(name, assumed))
    .find((thing) => thing !== undefined);
  if (missing) return whereOfThing(missing, plan);
  const { code, remedy } = finding;
  if (code === 'waiting') return withTube(WAITS[textFact(finding, 'what')] ?? '../design', finding, plan);
  const own = (remedy && FIELD_OF_REMEDY[remedy.kind]) ?? FIELD_OF_CODE[code];
  if (own) return withTube(own, finding, plan);
  if (PARTS.test(code)) return partAddress(finding, plan);
  if (STRAPS.test(code)) return '../harness';
  if (code.startsWith('helmet') || stageOf(code) === 'people') return '../driver';
  return endAddress(finding, plan) ?? withTube(STAGE_PAGE[stageOf(code)] ?? '../design', finding, plan);
}

/** The end of the tube that a finding of a cope is about; null of anything else. */
function endAddress(finding: Finding, { members }: Plan): string | null {
  const end = textFact(finding, 'end').toLowerCase();
  if (stageOf(finding.code) !== 'cope' || end === '') return null;
  const stamp = textFact(finding, 'stamp');
  const piece = members.flatMap(({ pieces }) => pieces).find((one) => one.stamp === stamp)?.id;
  return piece === undefined ? null : `../cope?end=${piece}/${end}`;
}

/** The row of the plate, gusset or part that a finding is about, by its stamp; their page where it has none. */
function partAddress(finding: Finding, plan: Plan): string {
  const stamp = textFact(finding, 'stamp');
  for (const list of ['plates', 'gussets', 'parts'] as const) {
    const at = plan[list].findIndex((one) => one.stamp === stamp);
    if (stamp && at >= 0) return `../design?tab=parts#field-${list}/${at}`;
  }
  return '../design?tab=parts';
}

const STAGE_PAGE: Partial<Record<ReturnType<typeof stageOf>, string>> = {
  brief: '../brief',
  survey: '../survey',
  bend: '../bend',
  cope: '../cope',
};

const sameThing = (name: Finding['restsOn'][number], assumed: readonly AssumedThing[]) =>
  assumed.find((thing) => equal(thing.name, name));

/** The tube of a finding beside its page, where that page shows one tube. */
function withTube(to: string, { member }: Finding, { members }: Plan): string {
  const piece = members.find(({ id }) => id === member)?.pieces[0]?.id;
  if (!piece || !/^\.\.\/(design|bend|cope)/.test(to) || to.includes('?')) return to;
  const [page = '', field] = to.split('#');
  return `${page}?tube=${piece}${field === undefined ? '' : `#${field}`}`;
}

const PAGE_NAMES: Record<string, string> = {
  brief: 'Brief',
  survey: 'Survey',
  design: 'Design',
  harness: 'Harness',
  driver: 'Driver',
  bend: 'Bend',
  cope: 'Cope',
};

/** The name of the page that an address leads to. */
export const pageName = (to: string): string => PAGE_NAMES[/^\.\.\/(\w+)/.exec(to)?.[1] ?? ''] ?? 'Design';
