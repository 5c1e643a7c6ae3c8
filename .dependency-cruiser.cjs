// The arrows: which room may import which. Rooms and reasons stand in docs/architecture.md.
const room = (name) => `^src/${name}/`;
const never = (from, to, comment) => ({
  name: `${from}-not-${to.join('-')}`,
  severity: 'error',
  comment,
  from: { path: room(from), pathNot: '\\.test\\.tsx?$' },
  to: { path: to.map(room) },
});
const packages = (from, allowed, comment) => ({
  name: `${from}-packages`,
  severity: 'error',
  comment,
  from: { path: room(from), pathNot: '\\.test\\.tsx?$' },
  to: {
    dependencyTypes: ['npm', 'npm-dev', 'npm-optional', 'npm-peer', 'core'],
    pathNot: allowed.map((name) => `node_modules/${name}/`),
  },
});

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    never(
      'core',
      ['domain', 'i18n', 'db', 'server', 'workers', 'ui', 'features', 'app', 'cli'],
      'The core knows nobody.',
    ),
    packages(
      'core',
      ['ml-levenberg-marquardt', 'jstat', 'highs'],
      'The core is pure TypeScript; what is taken from outside stands behind one file.',
    ),
    {
      name: 'one-file-a-solver',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/core/numeric/least-squares\\.ts$' },
      to: { path: 'node_modules/ml-levenberg-marquardt/' },
    },
    {
      name: 'one-file-of-programs',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/core/numeric/mixed-integer\\.ts$' },
      to: { path: 'node_modules/highs/' },
    },
    {
      name: 'one-file-of-distributions',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/core/stats/normal\\.ts$' },
      to: { path: 'node_modules/jstat/' },
    },
    never(
      'domain',
      ['i18n', 'db', 'server', 'workers', 'ui', 'features', 'app', 'cli'],
      'The domain knows the core only.',
    ),
    packages('domain', ['zod'], 'The domain parses with Zod.'),
    never(
      'cli',
      ['i18n', 'db', 'server', 'workers', 'ui', 'features', 'app'],
      'The shell commands need no database and no page.',
    ),
    never(
      'i18n',
      ['db', 'server', 'workers', 'ui', 'features', 'app', 'cli'],
      'Words and units hang on the domain only.',
    ),
    never('db', ['i18n', 'server', 'workers', 'ui', 'features', 'app', 'cli'], 'The database knows the domain.'),
    never('server', ['workers', 'ui', 'features', 'app', 'cli'], 'Use cases know no view.'),
    never('workers', ['i18n', 'db', 'server', 'ui', 'features', 'app', 'cli'], 'Workers compute.'),
    never(
      'ui',
      ['core', 'domain', 'i18n', 'db', 'server', 'workers', 'features', 'app', 'cli'],
      'The parts of the look know no word of fishing.',
    ),
    never('features', ['db', 'app', 'cli'], 'A feature asks the server, never the database.'),
    {
      name: 'features-not-queries-at-run-time',
      severity: 'error',
      comment: 'Pages query; a feature takes what it is given (types apart).',
      from: { path: room('features') },
      to: { path: '^src/server/queries/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'features-apart',
      severity: 'error',
      comment: 'One feature never imports another; fields are what they share.',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: ['^src/features/$1/', '^src/features/fields/'] },
    },
    never('app', ['db', 'core', 'cli'], 'A route takes parameters in and hands one feature or query out.'),
    {
      name: 'db-only-from-server',
      severity: 'error',
      from: { path: '^src/', pathNot: ['^src/(db|server)/', '\\.test\\.tsx?$'] },
      to: { path: room('db') },
    },
    {
      name: 'fronts-of-rooms',
      severity: 'error',
      comment:
        'From outside, a room of the core is entered through its index; tables of defaults are data and stand open.',
      from: { path: '^src/', pathNot: '^src/core/' },
      to: { path: '^src/core/[^/]+/.+', pathNot: ['^src/core/[^/]+/index\\.ts$', '^src/core/defaults/'] },
    },
    {
      name: 'fronts-inside-the-core',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/' },
      to: {
        path: '^src/core/[^/]+/.+',
        pathNot: ['^src/core/[^/]+/index\\.ts$', '^src/core/defaults/', '^src/core/$1/'],
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
