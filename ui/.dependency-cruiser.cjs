/** Where things are in the interface: from the ground floor up, each uses only what lies below. */
const ground = ['interface', 'words', 'api', 'forms', 'drawings', 'guide', 'looks', 'shell'];

const room = (names) => `^src/lib/(${names.join('|')})/`;

module.exports = {
  forbidden: [
    {
      name: 'no-circle',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    ...ground.map((name, floor) => ({
      name: `${name}-uses-only-what-lies-below`,
      severity: 'error',
      from: { path: room([name]) },
      to: { path: '^src/', pathNot: room(ground.slice(0, floor + 1)) },
    })),
    {
      name: 'nothing-uses-a-page',
      severity: 'error',
      from: { path: '^src/lib/' },
      to: { path: '^src/routes/' },
    },
    {
      name: 'all-of-it-is-found',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, path: '^[.$]', pathNot: '^\\$(app|service-worker|env)' },
    },
    {
      name: 'nothing-is-left-over',
      severity: 'error',
      from: { orphan: true, path: '^src/lib/', pathNot: '\\.(test|d)\\.ts$' },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    webpackConfig: { fileName: '.dependency-cruiser.resolve.cjs' },
    tsPreCompilationDeps: true,
  },
};
