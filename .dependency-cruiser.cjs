// The arrows: which room may import which. Rooms and reasons stand in docs/architecture.md.
const room = (name) => `^src/${name}/`;
/** A test, or what several of them try. */
const TEST = '(\\.test\\.tsx?|/tests/[^/]+\\.ts)$';
const never = (from, to, comment) => ({
  name: `${from}-not-${to.join('-')}`,
  severity: 'error',
  comment,
  from: { path: room(from), pathNot: TEST },
  to: { path: to.map(room) },
});
const packages = (from, allowed, comment) => ({
  name: `${from}-packages`,
  severity: 'error',
  comment,
  from: { path: room(from), pathNot: TEST },
  to: {
    dependencyTypes: ['npm', 'npm-dev', 'npm-optional', 'npm-peer', 'core'],
    pathNot: allowed.map((name) => `node_modules/${name}/`),
  },
});

/** The wings of the core, from the ground up, each with those it stands on. */
const WINGS = { base: [] };
const below = (wing, ...lower) => (WINGS[wing] = [...new Set(lower.flatMap((each) => [each, ...WINGS[each]]))]);
below('tackle', 'base');
below('water', 'tackle');
below('strike', 'water');
below('rig', 'strike');
below('judge', 'rig');
below('show', 'judge');
below('decide', 'judge');
below('make', 'show', 'decide');
below('afloat', 'make');

/** Files of the core that anyone may name: the fronts of wings, small tools, and tables of defaults, which are data. */
const OPEN = [
  '^src/core/[^/]+/index\\.ts$',
  '^src/core/base/[^/]+\\.ts$',
  '^src/core/base/(numeric|stats)/index\\.ts$',
  '^src/core/tackle/defaults/',
];

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    {
      name: 'no-circles-in-the-core',
      severity: 'error',
      comment: 'In the core a type import is an arrow like any other.',
      from: { path: '^src/core/', pathNot: TEST },
      to: { circular: true },
    },
    never(
      'core',
      ['domain', 'i18n', 'db', 'server', 'workers', 'ui', 'features', 'app', 'cli'],
      'The core knows nobody.',
    ),
    packages(
      'core',
      ['ml-levenberg-marquardt', 'ml-matrix', 'jstat', 'highs'],
      'The core is pure TypeScript; what is taken from outside stands behind one file.',
    ),
    {
      name: 'one-file-a-solver',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/core/base/numeric/least-squares\\.ts$' },
      to: { path: 'node_modules/ml-levenberg-marquardt/' },
    },
    {
      name: 'one-file-of-matrices',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/core/base/numeric/dense\\.ts$' },
      to: { path: 'node_modules/ml-matrix/' },
    },
    {
      name: 'one-file-of-programs',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/core/base/numeric/mixed-integer\\.ts$' },
      to: { path: 'node_modules/highs/' },
    },
    {
      name: 'one-file-of-distributions',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/core/base/stats/distributions\\.ts$' },
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
      ['db', 'server', 'workers', 'ui', 'features', 'app'],
      'The shell commands need no database and no page.',
    ),
    {
      name: 'cli-words-by-quick-add-only',
      severity: 'error',
      comment: 'The shell reads parts as quick add does; it says nothing in sentences.',
      from: { path: room('cli'), pathNot: TEST },
      to: { path: room('i18n'), pathNot: '^src/i18n/quick-add/' },
    },
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
      from: { path: '^src/', pathNot: ['^src/(db|server)/', TEST] },
      to: { path: room('db') },
    },
    ...Object.entries(WINGS).map(([wing, lower]) => ({
      name: `wing-${wing}`,
      severity: 'error',
      comment: 'The wings of the core stand on those below them; type imports count.',
      from: { path: `^src/core/${wing}/`, pathNot: TEST },
      to: { path: '^src/core/', pathNot: [wing, ...lower].map((each) => `^src/core/${each}/`) },
    })),
    {
      name: 'fronts-of-wings',
      severity: 'error',
      comment: 'From outside, a wing is entered through its index; its base and the tables of defaults stand open.',
      from: { path: '^src/', pathNot: '^src/core/' },
      to: { path: '^src/core/', pathNot: OPEN },
    },
    {
      name: 'fronts-between-wings',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/' },
      to: { path: '^src/core/', pathNot: [...OPEN, '^src/core/$1/'] },
    },
    {
      name: 'fronts-of-rooms',
      severity: 'error',
      comment: 'Inside a wing, a room is entered through its index.',
      from: { path: '^src/core/([^/]+)/([^/]+)/' },
      to: {
        path: '^src/core/$1/[^/]+/.+',
        pathNot: ['^src/core/$1/[^/]+/index\\.ts$', '^src/core/$1/$2/', '^src/core/tackle/defaults/'],
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
