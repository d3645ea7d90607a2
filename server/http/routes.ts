/** Every call of the interface and the methods that it takes; a test holds them against the files of `server/api`. */
export const calls: readonly (readonly [path: string, ...methods: string[]])[] = [
  ['/api/backup', 'GET', 'POST'],
  ['/api/calendar.ics', 'GET'],
  ['/api/catalogue/pipes', 'GET'],
  ['/api/deleted-jobs', 'GET'],
  ['/api/fittings', 'GET'],
  ['/api/health', 'GET'],
  ['/api/identify', 'POST'],
  ['/api/job-summaries', 'GET'],
  ['/api/jobs', 'GET', 'POST'],
  ['/api/jobs/:id', 'DELETE', 'GET', 'PUT'],
  ['/api/jobs/:id/cuttings', 'GET'],
  ['/api/jobs/:id/log', 'GET', 'POST'],
  ['/api/jobs/:id/minutes', 'GET', 'POST'],
  ['/api/jobs/:id/newest', 'GET'],
  ['/api/jobs/:id/put-back', 'POST'],
  ['/api/jobs/:id/record', 'GET'],
  ['/api/jobs/:id/record.csv', 'GET'],
  ['/api/jobs/:id/tests.csv', 'GET'],
  ['/api/jobs/:id/record.pdf', 'GET'],
  ['/api/jobs/:id/labels.pdf', 'GET'],
  ['/api/jobs/:id/estimate.pdf', 'GET'],
  ['/api/jobs/:id/records', 'GET'],
  ['/api/jobs/:id/state', 'GET'],
  ['/api/join', 'POST'],
  ['/api/lists.pdf', 'POST'],
  ['/api/parts', 'GET', 'POST'],
  ['/api/photos', 'POST'],
  ['/api/photos/:sha', 'GET', 'POST'],
  ['/api/plan', 'POST'],
  ['/api/prove', 'POST'],
  ['/api/rack', 'GET', 'POST'],
  ['/api/records/:sha', 'GET'],
  ['/api/schema/job.json', 'GET'],
  ['/api/schema/record.json', 'GET'],
  ['/api/signing-key', 'GET'],
  ['/api/stock', 'POST'],
  ['/api/van', 'GET', 'POST'],
  ['/api/visits', 'GET'],
  ['/api/workshop', 'GET', 'PATCH'],
]

/** Every page; a test holds them against the files of `app/pages`. */
export const pages: readonly string[] = [
  '/',
  '/bench',
  '/begin',
  '/begin/:pattern',
  '/day',
  '/settings',
  '/van',
  '/verify',
  '/bench/bend',
  '/bench/card',
  '/bench/costs',
  '/bench/fitting',
  '/bench/identify',
  '/bench/join',
  '/bench/parts',
  '/bench/rules',
  '/jobs/:id',
  '/jobs/:id/cut',
  '/jobs/:id/estimate',
  '/jobs/:id/hand-over',
  '/jobs/:id/join',
  '/jobs/:id/make',
  '/jobs/:id/print',
  '/jobs/:id/prove',
  '/jobs/:id/route',
  '/jobs/:id/survey',
]

const matches = (pattern: string, path: string): boolean =>
  new RegExp(`^${pattern.replaceAll(/:[a-z]+/g, '[^/]+').replaceAll('.', '\\.')}$`).test(path)

/** The methods that a path takes; none where there is no such call. */
export const methodsOf = (path: string): readonly string[] =>
  calls.find(([pattern]) => matches(pattern, path))?.slice(1) ?? []

export const isPage = (path: string): boolean =>
  pages.some((pattern) => matches(pattern, path === '/' ? path : path.replace(/\/$/, '')))
