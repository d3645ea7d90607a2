import { hostsFrom, whyNot } from '../http/who-may-ask'

const hosts = hostsFrom(process.env.JOLVET_HOSTS)

export default defineEventHandler((event) => {
  const why = whyNot(
    {
      host: getHeader(event, 'host') ?? '',
      origin: getHeader(event, 'origin'),
      fetchSite: getHeader(event, 'sec-fetch-site'),
      isSecure: getHeader(event, 'x-forwarded-proto') === 'https',
      isInterface: event.path.startsWith('/api/'),
    },
    hosts,
  )
  if (why === null) return
  setResponseStatus(event, 403)
  if (event.path.startsWith('/api/')) return { error: 'forbidden', message: why }
  setHeader(event, 'Content-Type', 'text/plain; charset=utf-8')
  return why
})
