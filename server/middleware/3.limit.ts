import { clientOf } from '../http/client-of'
import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible'

/** What one address may ask in a minute: a page that is open asks some twenty, and a crew's twenty stand behind one. */
const perMinute = 3000
const limiter = new RateLimiterMemory({ points: perMinute, duration: 60 })

/** Through a proxy no client may ask more than its share of the interface; on loopback there is one user, who may. */
export default defineEventHandler(async (event) => {
  if (!event.path.startsWith('/api/')) return
  const client = clientOf(event)
  if (!client) return
  try {
    await limiter.consume(client)
  } catch (over) {
    const seconds = Math.ceil((over as RateLimiterRes).msBeforeNext / 1000)
    setHeader(event, 'Retry-After', seconds)
    setResponseStatus(event, 429)
    return { error: 'busy', message: `More than ${perMinute} requests in a minute: ask again in ${seconds} seconds.` }
  }
})
