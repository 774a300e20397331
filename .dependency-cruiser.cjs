/** Folders of the core, lowest first: each may lean on those before it, none on those after. docs/architecture.md says why. */
const LAYERS = [
  'quantity',
  'wording',
  'geometry',
  'catalogue',
  'crops',
  'site',
  'growth',
  'statics',
  'frame',
  'cutting',
  'design',
  'joinery',
  'building',
  'materials',
  'costing',
  'checks',
  'structures',
  'withstand',
  'plan',
  'work',
  'drawing',
  'setting-out',
  'paper',
  'shade',
  'choosing',
  'ahead',
  'demo',
  'formats',
];
/** Folders of the web, each with those it may lean on: pages and server are told apart, and meet in the routes alone. */
const ROOMS = {
  kept: [],
  words: [],
  ui: ['words'],
  sheets: ['words'],
  workers: ['words'],
  worked: [],
  server: ['kept', 'words', 'sheets', 'worked'],
  views: ['kept', 'words', 'ui', 'sheets', 'workers', 'worked'],
};
const TESTS = '\\.(test|fixture)\\.tsx?$';
/** A rule of the core; its tests may look anywhere. */
const core = (name, comment, path, to) => ({
  name,
  comment,
  severity: 'error',
  from: { path, pathNot: TESTS },
  to,
});

module.exports = {
  forbidden: [
    ...LAYERS.slice(0, -1).map((layer, i) =>
      core(`no-higher-than-${layer}`, 'The core has one direction.', `^core/${layer}/`, {
        path: `^core/(${LAYERS.slice(i + 1).join('|')})/`,
      }),
    ),
    core('listed', 'A folder of the core has its place in the order above.', `^core/(?!${LAYERS.join('/|')}/)`, {
      path: '.',
    }),
    core('kind-by-kind', 'A kind knows no other kind: what they share is a rule.', '^core/structures/kinds/([^/]+)/', {
      path: '^core/structures/kinds/',
      pathNot: '^core/structures/kinds/$1/',
    }),
    core('rules-know-no-kind', 'What kinds share knows none of them.', '^core/structures/rules/', {
      path: '^core/structures/(kinds/|registry|loaders)',
    }),
    core('kinds-know-no-registry', 'A kind does not look up others.', '^core/structures/kinds/', {
      path: '^core/structures/(registry|loaders)',
    }),
    core('pure', 'The core knows no screen, store, network or machine.', '^core/', {
      path: '^web/|node_modules/(?!joi/|@hapi/|@sideway/|@standard-schema/|csv-parse/|csv-stringify/|ics/|d3-polygon/|date-fns/|@date-fns/|@types/d3-polygon/)',
    }),
    core('no-machine', 'The core knows no screen, store, network or machine.', '^core/', { dependencyTypes: ['core'] }),
    core(
      'packages-at-the-door',
      'Documents that come in and go out need packages.',
      '^core/(?!formats/|geometry/|site/)',
      {
        path: 'node_modules/',
      },
    ),
    core('packages-of-planes', 'Hulls and areas are d3-polygon’s.', '^core/geometry/', {
      path: 'node_modules/(?!d3-polygon/|@types/d3-polygon/)',
    }),
    core('packages-of-days', 'Days of the year are date-fns’s.', '^core/site/', {
      path: 'node_modules/(?!date-fns/|@date-fns/)',
    }),
    ...Object.entries(ROOMS).map(([room, leans]) => ({
      name: `${room}-leans-on`,
      comment:
        'The web has one direction too: kept, words · ui, sheets · workers, worked · views, the server beside them · app.',
      severity: 'error',
      from: { path: `^web/${room}/`, pathNot: TESTS },
      to: { path: `^web/(?!${[room, ...leans].join('/|')}/)` },
    })),
    {
      name: 'no-circle',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    { name: 'found', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.next/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.all.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
};
