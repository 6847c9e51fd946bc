/**
 * Which folder may import which: those that stand before it in its list, and its own. A folder that is in no list, and
 * every file at the top of `src` (which puts the features together), may import all.
 */
const ORDER = {
  core: [
    ['content'],
    ['item'],
    ['grade', 'draft', 'outcomes', 'translate'],
    ['analyse', 'review', 'fit'],
    ['formats'],
    ['assemble', 'destinations', 'proof', 'report'],
    ['writing'],
  ],
  documents: [['common'], ['pictures'], ['html', 'print', 'open-text', 'pdf', 'rtf', 'word'], ['sheet']],
  server: [
    ['access', 'database', 'http', 'settings', 'health', 'work', 'words', 'outward'],
    ['assets', 'jobs', 'presence', 'record'],
    ['accounts'],
    ['bank'],
    ['drafts', 'papers', 'remarks'],
    ['archive', 'copies', 'dispatch', 'writing'],
    ['results'],
    ['overview'],
    ['demo'],
  ],
  web: [
    ['api'],
    ['parts'],
    ['people', 'take'],
    ['writing', 'frame'],
    ['bank'],
    ['papers'],
    ['dispatch'],
    ['results'],
    ['drafts'],
  ],
  standins: [['shared'], ['breakwater', 'foghorn', 'inlet', 'skerry']],
}

/** Puts features together, as a main program does; nothing imports it. */
const PROGRAMS = ['demo']

const inside = (name, folders) => `^packages/${name}/src/(?:${folders.join('|')})/`

/** No folder imports one that stands after it in its list, nor one that stands beside it. */
function oneWay(name, levels) {
  return levels.flatMap((folders, at) =>
    folders.flatMap((folder) => {
      if (PROGRAMS.includes(folder)) return []
      const barred = [...folders.filter((one) => one !== folder), ...levels.slice(at + 1).flat()]
      return {
        name: `${name}/${folder}-looks-down-only`,
        severity: 'error',
        from: { path: inside(name, [folder]) },
        // What puts the features together: server and web have their main program there.
        to: { path: `${inside(name, barred.length ? barred : ['-'])}|^packages/${name}/src/[^/]+$` },
      }
    }),
  )
}

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    ...Object.entries(ORDER).flatMap(([name, levels]) => oneWay(name, levels)),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    includeOnly: '^packages/[a-z]+/src',
    // Tests may look at whatever they need.
    exclude: '\\.test\\.tsx?$|/testing(?:\\.ts$|/)',
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { conditionNames: ['import', 'types'], extensions: ['.ts', '.tsx'] },
  },
}
