/** Where the front end's folders may lean on each other. */
export default {
  forbidden: [
    {
      name: 'no-circles',
      comment: 'A file that leans on itself through others cannot be understood, or tested, alone.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'no-circles-of-folders',
      comment: 'A feature is one folder; what two of them share belongs below both.',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'parts-stand-alone',
      comment: 'What every view is made of knows no view.',
      severity: 'error',
      from: { path: '^src/(parts|api)/' },
      to: { path: '^src/(?!parts/|api/|words/)' },
    },
    {
      name: 'words-stand-below-all',
      comment: 'Every folder says its phrases from its own catalogue.',
      severity: 'error',
      from: { path: '^src/words/' },
      to: { path: '^src/(?!words/)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.test\\.tsx?$' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
}
