/** So many specs at most are near a change. */
const MOST = 2;

/** The pages of the program by their folder, and the spec that walks through most of each. */
const SPECS = {
  'stages/brief': 'help',
  'stages/survey': 'survey',
  'stages/design': 'cage',
  'stages/driver': 'people',
  'stages/harness': 'people',
  'stages/bend': 'bender',
  'stages/practice': 'learned',
  'stages/cope': 'copes',
  'stages/build': 'order',
  'stages/inspect': 'asBuilt',
  'stages/variants': 'nextCar',
  rulebooks: 'rules',
  floor: 'floor',
  shop: 'shop',
  log: 'log',
  jobs: 'mainJob',
  about: 'help',
  job: 'prints',
  answers: 'mainJob',
};

/** The specs that a change of these files concerns: those among them, and those of the pages that they are of. */
export function specsOf(changed) {
  const own = changed.filter((file) => /^e2e\/[^/]+\.spec\.ts$/.test(file));
  const pages = Object.keys(SPECS).filter((page) =>
    changed.some((file) => file.startsWith(`apps/web/src/${page}/`) && !/\.test\.tsx?$/.test(file)),
  );
  const named = pages.map((page) => `e2e/${SPECS[page]}.spec.ts`);
  return [...new Set([...own, ...named])].slice(0, MOST);
}
