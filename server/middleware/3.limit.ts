import { clientOf } from '../http/client-of'
import { RateLimiterMemory, type RateLimiterRes } from 'rate-limiter-flexible'

/** What one client may ask in a minute: some twenty a second, far more than a hand and its tabs do. */
const perMinute = 1200
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
