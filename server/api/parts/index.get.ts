import { currentParts, historyOf } from '../../database/parts'
import { apiHandler } from '../../http/api-handler'

/** The figures that hold, or with `?key=` all that was ever recorded of one part. */
export default apiHandler((event) => {
  const { key } = getQuery(event)
  return typeof key === 'string' ? historyOf(key) : currentParts()
})
