/** Names under which this server may be asked; another name is a page that pretends to be it. */
const loopback = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/

/**
 * There is no password on loopback, so no other site's page may write here: a request is refused when it names
 * another host, or comes from a page of another origin.
 */
export default defineEventHandler((event) => {
  const host = getHeader(event, 'host') ?? ''
  const origin = getHeader(event, 'origin')
  const allowed = process.env.JOLVET_ANY_HOST === '1' || loopback.test(host)
  if (allowed && (!origin || origin === `http://${host}` || origin === `https://${host}`)) return
  setResponseStatus(event, 403)
  return { error: 'forbidden', message: 'Only pages of this server may ask it.' }
})
