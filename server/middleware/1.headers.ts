import { interfaceHeader, interfaceVersion } from '~~/core/job/interface-version'
import { interfaceHeaders } from '../http/security-headers'

/** The oldest page that this server understands. */
const oldest = 1

export default defineEventHandler((event) => {
  if (!event.path.startsWith('/api/')) return
  setHeaders(event, { ...interfaceHeaders, [interfaceHeader]: String(interfaceVersion) })
  const named = getHeader(event, interfaceHeader)
  if (named === undefined || Number(named) >= oldest) return
  setResponseStatus(event, 426)
  return { error: 'old-page', message: 'This page is older than the server understands: load it again.' }
})
