import { answering } from '../http/answering'
import { notFound } from '../http/refusal'

export default answering((event) => {
  throw notFound(`${event.method} ${event.path}`)
})
