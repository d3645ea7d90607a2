import withNuxt from './.nuxt/eslint.config.mjs'

// The configuration composer calls Object.groupBy, which Node.js 20 does not have yet.
Object.groupBy ??= (items, keyOf) => {
  const groups = Object.create(null)
  for (const item of items) (groups[keyOf(item)] ??= []).push(item)
  return groups
}

/** The topics of the core: each may import those of the rows above its own, as docs/how-it-is-built.md draws the arrows. */
const rows = [
  ['quantity'],
  ['materials'],
  ['methods'],
  ['catalogue'],
  ['bend', 'section'],
  ['workshop'],
  ['job'],
  ['run', 'cut'],
  ['flow'],
  ['join'],
  ['survey', 'procedure'],
  ['pipework'],
  ['support'],
  ['assembly'],
  ['check'],
  ['plan'],
  ['prove', 'estimate'],
  ['log'],
  ['commission'],
  ['leak', 'record', 'van'],
  ['edit', 'draw', 'day'],
  ['patterns'],
  ['compare'],
]

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

const barred = (topic, allowed, up) => ({
  regex: `^${'\\.\\./'.repeat(up)}(?!(?:${[topic, ...allowed].map((of) => `${of}(?:/|$)`).join('|')}))`,
  message: `core/${topic} may import from: ${allowed.join(', ') || 'nothing else'}.`,
})

/** A topic's files, and those of its folders, each as many steps below the core. */
const coreTopics = rows.flatMap((topics, row) =>
  topics.flatMap((topic) =>
    ['*', '*/*', '*/*/*'].map((files, depth) => ({
      files: [`core/${topic}/${files}.ts`],
      ignores: ['**/*.test.ts'],
      rules: {
        'no-restricted-imports': [
          'error',
          {
            patterns: [
              { group: outside, message: 'The core knows no page, server, database or machine.' },
              barred(topic, rows.slice(0, row).flat(), depth + 1),
            ],
          },
        ],
      },
    })),
  ),
)

/** The core's answers follow from what it is given alone: no clock, no chance, no browser, no machine. */
const pure = {
  files: ['core/**/*.ts'],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-globals': [
      'error',
      ...['Date', 'document', 'window', 'navigator', 'localStorage', 'sessionStorage', 'fetch', 'crypto'],
      ...['performance', 'process', 'setTimeout', 'setInterval', 'console'],
    ],
    'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
  },
}

const noImports = (files, group, message) => ({
  files,
  ignores: ['**/*.test.ts'],
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group, message }] }] },
})

export default withNuxt(
  ...coreTopics,
  pure,
  noImports(['core/*.ts'], outside, 'The core knows no page, server, database or machine.'),
  noImports(
    ['app/**/*.{ts,vue}'],
    ['**/server/**', 'drizzle-orm', 'mysql2', 'node:*'],
    'A page asks the server over HTTP.',
  ),
  noImports(['server/**/*.ts'], ['**/app/**', '~/*', 'vue', 'pinia'], 'The server knows no page.'),
  {
    // A long list of arguments is an object, a long function two, a long file as many as it has ideas.
    files: ['{core,app,server,scripts,bench}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', 'core/catalogue/tables/*.ts'],
    rules: {
      'max-params': ['error', 4],
      'max-lines-per-function': ['error', 60],
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
    },
  },
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
