import withNuxt from './.nuxt/eslint.config.mjs'

// The configuration composer calls Object.groupBy, which Node.js 20 does not have yet.
Object.groupBy ??= (items, keyOf) => {
  const groups = Object.create(null)
  for (const item of items) (groups[keyOf(item)] ??= []).push(item)
  return groups
}

/** What each part of the core may import: the arrows of docs/architecture.md, one way only. */
const mayImport = {
  quantity: [],
  catalogue: ['quantity'],
  job: ['quantity', 'catalogue', 'bend'],
  flow: ['quantity', 'catalogue', 'job', 'bend', 'route'],
  join: ['quantity', 'catalogue', 'job', 'flow'],
  identify: ['quantity', 'catalogue', 'job', 'join'],
  bend: ['quantity', 'catalogue'],
  route: ['quantity', 'catalogue', 'job', 'bend'],
  cut: ['quantity', 'catalogue', 'job'],
  support: ['quantity', 'catalogue', 'job', 'bend', 'route'],
  make: ['quantity', 'catalogue', 'job'],
}

const outside = [
  'vue',
  'vue-router',
  'pinia',
  '#*',
  '~/*',
  '@nuxt/*',
  'drizzle-orm',
  'mysql2',
  'node:*',
  '**/app/**',
  '**/server/**',
]

const coreTopics = Object.entries(mayImport).map(([topic, allowed]) => ({
  files: [`core/${topic}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          { group: outside, message: 'The core knows no page, server, database or machine.' },
          {
            regex: `^(\\.\\./)+(?!(${[topic, ...allowed].join('|')})/)[a-z-]+/`,
            message: `core/${topic} may import from: ${allowed.join(', ') || 'nothing else'}.`,
          },
        ],
      },
    ],
  },
}))

const noImports = (files, group, message) => ({
  files,
  ignores: ['**/*.test.ts'],
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
})

export default withNuxt(
  ...coreTopics,
  noImports(['core/*.ts', 'core/plan/**/*.ts'], outside, 'The core knows no page, server, database or machine.'),
  noImports(
    ['app/**/*.{ts,vue}'],
    ['**/server/**', 'drizzle-orm', 'mysql2', 'node:*'],
    'A page asks the server over HTTP.',
  ),
  noImports(['server/**/*.ts'], ['**/app/**', '~/*', 'vue', 'pinia'], 'The server knows no page.'),
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/html-self-closing': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      'no-console': ['error', { allow: ['error'] }],
      eqeqeq: 'error',
    },
  },
  { files: ['scripts/**', 'bench/**'], rules: { 'no-console': 'off' } },
)
