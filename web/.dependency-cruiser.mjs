/** Imports run one way, from folder to folder; a room that two need stands below both. */
export default {
  forbidden: [
    {
      name: 'no-folder-circle',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-circle',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'stages-know-no-list',
      comment: 'A new stage is a line in the list and a folder of its own, and knows neither.',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/(stages/|[^/]+$)' },
      to: { path: '^src/stages/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.spec\\.ts$' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
}
