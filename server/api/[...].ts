import { apiHandler } from '../http/api-handler'
import { notFound, refusal } from '../http/refusal'
import { methodsOf } from '../http/routes'

/** What no other call takes: another method of one that there is, or a path that is none. */
export default apiHandler((event) => {
  const { pathname } = getRequestURL(event)
  const methods = methodsOf(pathname.replace(/\/$/, ''))
  if (methods.length === 0) throw notFound(`call ${event.method} ${pathname}`)
  const allowed = methods.flatMap((method) => (method === 'GET' ? ['GET', 'HEAD'] : [method]))
  setHeader(event, 'Allow', allowed.join(', '))
  throw refusal(405, {
    error: 'method',
    message: `${pathname} does not take ${event.method}; it takes ${allowed.join(', ')}.`,
    fields: [{ field: 'method', problem: allowed.join(', ') }],
  })
})
