/**
 * The direction of imports (docs/architecture.md): core folders import only the folders listed before them (their tests may look up),
 * packages never import apps, and a folder is entered through its index.ts.
 */
const coreOrder = [
  'items',
  'kept',
  'fault',
  'measure',
  'space',
  'tube',
  'centreline',
  'bending',
  'cope',
  'plan',
  'merge',
  'survey',
  'cage',
  'occupant',
  'known',
  'findings',
  'harness',
  'rules',
  'stock',
  'drawing',
  'floor',
  'asBuilt',
  'build',
];

const upward = coreOrder.slice(0, -1).map((folder, i) => ({
  name: `core-${folder}-imports-down`,
  comment: `core/${folder} may only import the folders listed before it`,
  severity: 'error',
  from: { path: `^packages/core/src/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: {
    path: `^packages/core/src/((${coreOrder.slice(i + 1).join('|')})/|evaluate\\.ts|evaluation\\.ts|index\\.ts)`,
  },
}));

export default {
  forbidden: [
    ...upward,
    {
      name: 'core-through-the-door',
      comment: 'another core folder is imported through its index.ts only; tests look where they like',
      severity: 'error',
      from: { path: '^packages/core/src/([^/]+)/', pathNot: '(\\.test\\.ts$|^packages/core/src/testing/)' },
      to: { path: '^packages/core/src/([^/]+)/(?!index\\.ts$)', pathNot: '^packages/core/src/$1/' },
    },
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'core-is-alone',
      comment: 'the core knows no other package and no app',
      severity: 'error',
      from: { path: '^packages/core/' },
      to: { path: '^(apps/|packages/(?!core/))' },
    },
    {
      name: 'packages-know-no-app',
      severity: 'error',
      from: { path: '^packages/' },
      to: { path: '^apps/' },
    },
    {
      name: 'web-and-server-meet-in-the-contract',
      severity: 'error',
      from: { path: '^apps/web/' },
      to: { path: '^apps/(server|cli)/' },
    },
    {
      name: 'core-does-no-io',
      severity: 'error',
      from: { path: '^packages/core/src/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|node_modules)/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.test.json' },
    enhancedResolveOptions: {
      conditionNames: ['@gyrus/source', 'import', 'types', 'default', 'node'],
      exportsFields: ['exports'],
    },
  },
};
