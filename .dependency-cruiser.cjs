/** Walls between the folders of the page: what is shared knows nothing of the areas, and no two areas need each other. */
module.exports = {
  forbidden: [
    {
      name: 'api-stands-alone',
      comment: 'What is asked of the server knows nothing of the page.',
      severity: 'error',
      from: { path: '^web/api/' },
      to: { path: '^web/(?!api/)' },
    },
    {
      name: 'keys-stand-alone',
      severity: 'error',
      from: { path: '^web/keys/' },
      to: { path: '^web/(?!keys/)' },
    },
    {
      name: 'parts-know-no-area',
      severity: 'error',
      from: { path: '^web/parts/' },
      to: { path: '^web/(areas|shell)/' },
    },
    {
      name: 'areas-know-no-shell',
      severity: 'error',
      from: { path: '^web/areas/' },
      to: { path: '^web/shell/' },
    },
    {
      name: 'no-circle-of-files',
      severity: 'error',
      from: { path: '^web/' },
      to: { circular: true },
    },
    {
      name: 'no-circle-of-folders',
      comment: 'An area may use another, but not one that uses it.',
      severity: 'error',
      scope: 'folder',
      from: { path: '^web/areas/[^/]+$' },
      to: { circular: true },
    },
    {
      name: 'a-large-area-has-an-order',
      comment: 'What is done with a person: adding, facts, kin before the page that shows them.',
      severity: 'error',
      from: { path: '^web/areas/people/(adding|facts|citing|kin)/' },
      to: { path: '^web/areas/people/(person|index)/' },
    },
    {
      name: 'nothing-lies-about',
      severity: 'error',
      from: { orphan: true, path: '^web/', pathNot: '\\.(test|d)\\.ts$|^web/(main\\.tsx|test/|testing/)' },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.tsx?$' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
}
