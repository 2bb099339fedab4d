/** What may import what. Floors of core from the ground up; a module may reach down, never up. */
const floors = [
  'problem',
  'number',
  'palette',
  'substance',
  'aqueous',
  'tube',
  'observe',
  'indicator',
  'glassware',
  'record',
  'identify',
  'rack',
  'titration',
  'heating',
  'chromatogram',
  'curve',
  'propagate',
  'reckon',
  'slips',
  'uncertainty',
  'check',
  'stages',
]
const here = '^core/src/'

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true, dependencyTypesNot: ['type-only'] } },
    {
      name: 'core-is-pure',
      comment: 'Core runs anywhere: no React, DOM, Node, server or database in it.',
      severity: 'error',
      from: { path: here, pathNot: '\\.test\\.ts$|/testing/' },
      to: { path: '(^|/)node_modules/(react|react-dom|express|sequelize|mariadb|zustand|pino|commander)(/|$)' },
    },
    {
      name: 'core-without-node',
      severity: 'error',
      from: { path: here, pathNot: '\\.test\\.ts$|/testing/' },
      to: { dependencyTypes: ['core'] },
    },
    { name: 'core-alone', severity: 'error', from: { path: '^core/' }, to: { path: '^(cli|server|web|e2e)/' } },
    { name: 'cli-on-core-only', severity: 'error', from: { path: '^cli/' }, to: { path: '^(server|web|e2e)/' } },
    { name: 'server-on-core-only', severity: 'error', from: { path: '^server/' }, to: { path: '^(cli|web|e2e)/' } },
    { name: 'web-on-core-only', severity: 'error', from: { path: '^web/' }, to: { path: '^(cli|server|e2e)/' } },
    {
      name: 'by-the-door',
      comment: 'Another module of core is entered by its index.ts; inside a module the file itself is imported.',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/', pathNot: '\\.(test|bench)\\.ts$' },
      to: { path: '^core/src/([^/]+)/', pathNot: ['^core/src/$1/', '/index\\.ts$'] },
    },
    ...floors.map((floor, index) => ({
      name: `floor-${floor}`,
      comment: `${floor} stands on the floors below it.`,
      severity: 'error',
      from: { path: `${here}${floor}/`, pathNot: '\\.test\\.ts$' },
      to: { path: `${here}(${floors.slice(index + 1).join('|') || 'nothing'})/` },
    })),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    exclude: { path: '(/dist/|/\\.types/|scripts/canary/)' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['@hop-lark/source', 'import', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js'],
    },
  },
}
