import { currentParts, historyOf } from '../../database/parts'
import { answering } from '../../http/answering'

/** The figures that hold, or with `?key=` all that was ever recorded of one part. */
export default answering((event) => {
  const { key } = getQuery(event)
  return typeof key === 'string' ? historyOf(key) : currentParts()
})
